<?php

declare(strict_types=1);

// What is said where something cannot be done, to staff and to clients.
return [
    'pages' => [
        '403' => ['Not for your role', 'What you are in this salon does not open this. Go back, or ask the owner.'],
        '404' => ['Not here', 'There is no such page, or it belongs to another salon.'],
        '413' => ['Too large', 'That file is too large; a care record of one client is under 5 MB.'],
        '419' => ['Signed out meanwhile', 'The page was open too long. Go back, load it again, and send it once more.'],
        '429' => ['Too many tries', 'Wait a minute, then try again.'],
        '500' => ['Something went wrong', 'It is not your doing. Nothing was saved half; try again.'],
    ],
    'link' => 'This link no longer works.', 'calendar-gone' => 'This calendar is not here any more.',
    'too-often' => 'Too often. Wait a minute and try again.',
    'number' => 'If you ask someone for help, give this number: :number',
    'to-clients' => 'To the clients',
    'link-gone' => ['Nothing here', 'This link has expired, was cancelled, or was typed wrongly. Ask your salon for a new one.'],
    'address' => 'There is nothing at this address. Go back and try the page from the menu.',
    'unreadable' => 'Something that was sent cannot be read as text. Go back, type it again and send it; nothing was saved.',
    'sign-in-old' => 'This page was open too long. Type your password once more.',
    'title' => 'That cannot be done',
    'other' => 'That cannot be done like this. Go back and try it from the page it belongs to; nothing was saved.',
    'client' => 'That did not work. Open your link again; if it still does not, tell your salon. What you ticked stays on this phone.',
    'back' => 'Back to Today',
    'away-title' => 'One moment',
    'away' => 'Nagomi cannot reach its records right now. Nothing is lost: what you typed on a tablet stays there, and this page tries again by itself.',
    'away-client' => 'Your salon’s page cannot be reached right now. It tries again by itself; what you ticked stays on this phone.',
    'away-again' => 'Try again now',
];
