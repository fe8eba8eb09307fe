<?php

declare(strict_types=1);

// What went out and what will.
return [
    'outbox' => [
        'refused' => 'The server refused it.', 'silent' => 'The server did not answer in time.',
        'gone' => 'What it was about is not any more.', 'unwanted' => 'The client wants none.',
    ],
    'language' => [
        'label' => 'Messages in', 'salon' => 'as the salon writes', 'of-salon' => 'Messages in, for clients without a language of their own',
        'wrong' => 'Messages in: choose one from the list.',
        'names' => ['en' => 'English', 'es' => 'Spanish'],
    ],
    'phone' => [
        'label' => 'Phone', 'help' => 'clients are told to call it',
        'wrong' => 'Phone: type the number clients call, such as +351 200 123 456, or leave it empty.',
    ],
    'again' => 'It goes out again within a few minutes.',
    'not-stuck' => 'That reminder is not stuck any more; look at how it stands.',
    'send-again' => 'Send again',
    'unheard' => 'handed over, and nothing heard since: it may have gone out. Send it again if you think it did not.',
    'under-way' => 'being sent',
];
