<?php

declare(strict_types=1);

// What the salon says to something that was done on a tablet or phone and came by itself.
return [
    'unreadable' => 'This could not be read. Do it again on the page as it is now.',
    'too-old' => 'This page is older than the salon’s. Reload it; what waits here stays.',
    'another-stylist' => ':name is signed in on this device now. What waits here is sent when its own stylist signs in.',
    'link-closed' => 'This link opens nothing any more. Ask your salon for a new one: what you ticked waits on this phone and goes out when you open it.',
    'no-card' => 'Your salon does not keep this home routine any more.',
    'no-client' => 'This client is not in the salon’s book any more, so this cannot be kept.',
    'wash' => [
        'no-step' => 'This step is not in the wash day.',
        'section' => 'This section is not on the head; tap it again.',
        'amount' => 'Amount: 0 to 1000 mL.',
        'bottle' => 'Another bottle: choose one of the list, and why.',
        'no-bottle' => 'That bottle is none of this step’s. Choose one of the list.',
        'note' => 'This note could not be read; tap it again.',
        'done' => 'Already done by :by at :time.',
        'skipped' => 'Already skipped by :by at :time.',
        'ended' => 'The wash day was ended at :time, before this came. Where it matters, take that day out under Wash days and enter it anew.',
        'broken-off' => 'This wash day was broken off, so this is not in the book.',
    ],
];
