<?php

declare(strict_types=1);

// What is said where something cannot be done, to staff and to clients.
return [
    'address' => 'There is nothing at this address. Go back and try the page from the menu.',
    'unreadable' => 'Something that was sent cannot be read as text. Go back, type it anew and send it again; nothing was saved.',
    'sign-in-old' => 'This page was open too long. Type your password once more.',
    'title' => 'That cannot be done',
    'other' => 'That cannot be done like this. Go back and try it from the page it belongs to; nothing was saved.',
    'client' => 'That did not work. Open your link again; if it still does not, tell your salon. What you ticked stays on this phone.',
    'back' => 'Back to Today',
    'away-title' => 'One moment',
    'away' => 'Nagomi cannot reach its book right now. Nothing is lost: what you typed on a tablet stays there, and this page tries again by itself.',
    'away-client' => 'Your salon’s page is not to be reached just now. It tries again by itself; what you ticked stays on this phone.',
    'away-again' => 'Try again now',
];
