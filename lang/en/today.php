<?php

declare(strict_types=1);

// The day at a glance: who is next, what they need, whether hands are on time and bottles full.
return [
    'calls' => [
        'missed' => 'Did not come on :day.',
        'sign' => 'A sign that bars treatments is not cleared yet: ask what the clinician said.',
    ],
    'title' => 'Today',
    'clients' => '{0} nobody is booked|{1} one client|[2,*] :count clients',
    'to-come' => ':count still to come',
    'all-done' => 'everyone is done',
    'before' => 'The day before', 'after' => 'The day after', 'book' => 'Book a client', 'end' => 'End of the day',
    'nobody-works' => 'Nobody works on this day.', 'hours-link' => 'Hours and leave',
    'stale' => '{1} One client’s plan is being brought up to date. Look again in a minute, or open it to see it now.|[2,*] The plans of :count clients are being brought up to date. Look again in a minute, or open one to see it now.',
    'empty' => 'Nobody yet. Book a client, or see who is due.',
    'under-way' => 'In the chair', 'still-to-come' => 'Still to come',
    'over' => ':count finished', 'over-title' => 'Finished: :what',
    'over-kinds' => ['done' => ':count done', 'cancelled' => ':count cancelled', 'no-show' => '{1} one no-show|[2,*] :count no-shows'],
    'with' => ':service with :who', 'more-minutes' => ':minutes min more',
    'acts' => ['here' => 'Arrived', 'begin' => 'Begin', 'through' => 'Done', 'over' => '+10 min'],
    'test-first' => 'Test first', 'why' => 'Why',
    'cards' => [
        'title' => 'Now', 'free' => 'free', 'break' => 'break', 'away' => 'not in yet',
        'until' => 'until :time', 'from' => 'from :time', 'done' => 'done about :time',
        'hands-free' => 'hands free until :time', 'processing' => 'processing',
        'beside' => ':name is processing until :time', 'next' => ':name next, at :time', 'nobody' => 'nobody else today',
        'here' => ':name is here',
        'not-here' => ':name next, not here yet',
    ],
    'left-open' => 'The wash of :name on :day was not finished: nothing of it counts yet.', 'left-open-finish' => 'Finish it',
    'call' => 'To call', 'short' => 'Running short', 'short-of' => ':needed mL needed, :left mL left',
    'short-none' => ':needed mL needed, none noted under Products',
    'due' => 'Due but not booked', 'due-none' => 'Everyone due this week is booked.',
    'due-now' => 'out of balance already',
    'due-in' => '{1} out of balance tomorrow|[2,*] out of balance in :count days',
    'book-link' => 'Book',
    'minutes-late' => ':minutes min', 'hours-late' => ':hours h', 'hours-and-minutes-late' => ':hours h :minutes',
];
