<?php

declare(strict_types=1);

// What a client reads in a message, in the client's own voice: what is to come, and nothing of the hair.
return [
    // How a day and a time are set (ISO format).
    'when' => 'dddd D MMMM [at] H:mm',
    'minutes' => '{1} about one minute|[2,*] about :count minutes',
    'booking-subject' => 'Your time with us on :when',
    'booking' => 'We see you on :when: :service with :who, :minutes.',
    'booked-subject' => 'Your time with us on :when',
    'booked' => 'You are booked: :when with :who, :service, :minutes.',
    'deposit' => 'We ask for a deposit of :deposit.',
    'cancelled-subject' => 'Your time with us on :when is cancelled',
    'cancelled' => 'Your time with us on :when, :service with :who, is cancelled. :call',
    'call' => 'Call us for another one: :phone.', 'call-us' => 'Call us for another one.',
    'moved-subject' => 'Your time with us is now :when',
    'moved' => 'Your time with us has changed: :when with :who, :service, :minutes.',
    'series-subject' => 'Your times with us', 'series' => 'You are booked for :service, :count times: :list.', 'with' => ':when with :who',
    'cancelled-with' => 'Cancelled with it: :list.',
    'home-subject' => 'Today is a wash day',
    'home' => 'Today is a wash day. Your card: :card',
    'no-more' => 'No more of these: :address',
    'stop' => [
        'title' => 'Reminders',
        'ask' => ':salon writes to you about your times. Do you want no more of these?',
        'do' => 'No more reminders',
        'done' => ':salon sends you no more reminders. Tell them if you want them again.',
    ],
];
