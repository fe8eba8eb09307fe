<?php

declare(strict_types=1);

// What is said once something was done.
return [
    'booking' => [
        'note' => 'The wash day is under way.',
        'store' => ':name is booked.',
    ],
    'booking-note' => [
        'here' => 'Marked as arrived.',
        'later' => 'Noted; the day is rearranged.',
        'begin' => 'The wash day is under way.',
        'over' => 'Noted; the next clients are moved along.',
        'through' => 'Marked as done.',
        'no-show' => 'Noted. Call in the next days.',
        'cancel' => 'Cancelled; calendars are updated.',
        'again' => 'The booking is back.',
        'keep' => 'Kept: the wash day is planned to fit the time.',
        'as-planned' => 'It takes the plan’s time again.',
        'unsaid' => 'Undone: the booking is as before.',
    ],
    'calendar-feed' => [
        'mine' => 'The new link works; the old one no longer opens anything.',
    ],
    'client-products' => [
        'react' => 'Noted; you are warned wherever it comes up for this client.',
    ],
    'clients' => [
        'update' => 'Saved; balance and plan are updated.',
        'take-zone' => 'Changed; what that zone was until then is kept, and the balance is updated.',
        'take-zone-2' => 'There is no sure finding for that zone that differs from what is written.',
        'store' => ':name is saved. Do the first tests under Hair tests.',
    ],
    'import' => [
        'taken' => 'Imported: :what.', 'nothing' => 'Nothing was imported.', 'already' => 'This was imported already.',
        'changed' => 'Something changed since you looked. It was read again; look once more.',
        'undone' => 'Taken out again: :what.', 'nothing-out' => 'Nothing was taken out.', 'stay' => 'Someone has worked with these since, and they stay: :names.',
        'left' => '{1} One booking or wash day stays, which was changed since.|[2,*] :count bookings or wash days stay, which were changed since.',
        'too-late' => 'An import can be undone for a day; this one is older.',
        'clients' => '{0} no clients|{1} one client|[2,*] :count clients', 'bookings' => '{0} no bookings|{1} one booking|[2,*] :count bookings',
        'details' => '{0} nothing added|{1} one detail added|[2,*] :count details added',
        'wash_days' => '{0} no wash days|{1} one past wash day|[2,*] :count past wash days',
    ],
    'data-transfer' => [
        'drop' => 'Nothing was imported.',
    ],
    'history' => [
        'update' => 'Corrected. What this visit said before stands below.',
        'destroy' => 'That visit was undone before.',
        'destroy-2' => 'Undone: the results of that visit are removed.',
    ],
    'home-routine' => [
        'store' => 'Days: type how long the link opens, 1 to 365 days.',
        'store-2' => 'The link is made. It opens this home routine and nothing else.',
        'withdraw' => 'Cancelled: that link no longer opens anything.',
    ],
    'opening-hours' => [
        'back' => 'Removed.',
        'leave' => '{0} Noted.|{1} Noted. 1 booking falls into those days: move them, or call.|[2,*] Noted. :count bookings fall into those days: move them, or call.',
    ],
    'picture' => [
        'store' => 'Kept, without the place it was taken.',
        'destroy' => 'Deleted, the file with it.',
    ],
    'plan' => [
        'occasion' => 'Noted; the plan is updated with it.',
        'without-occasion' => 'One removed.',
        'without-occasion-2' => 'Removed; the plan is updated without it.',
        'undo' => 'Undone: :what',
        'undo-none' => 'There is nothing to undo.',
        'redo' => 'Done again: :what',
        'redo-none' => 'There is nothing to redo.',
    ],
    'plan-terms' => [
        'update' => 'Saved; the plan is updated to fit.',
        'set-by-hand' => 'Set. That day stays as it is; the rest is planned round it.',
        'take-back' => 'Removed; the plan decides on that day again.',
        'promise' => 'Agreed. What is in the plan now is moved only for a good reason.',
        'release' => 'Released: the plan is free to move again.',
    ],
    'products' => [
        'store' => 'On the shelf.',
        'store-namesake' => 'On the shelf, and not the only one there of this name: give one of them another, so that a wash says which it was done with.',
        'stock' => 'How much: a level needs the size of the bottle; type that first, or how many mL are left.',
        'recall' => 'Why: say in a few words why it is recalled.',
        'recall-2' => 'Recalled: it warns wherever it comes up.',
        'release' => 'No longer recalled.',
        'teach' => 'Learned; every ingredient list was checked again.',
        'forget' => 'Forgotten; every ingredient list was checked again.',
        'import' => 'File: choose a CSV of up to 2 MB, with name and kind in its header.',
        'destroy' => ':name is off the shelf.',
        'taken-in' => '{1} One product imported.|[0,*] :count products imported.',
        'update' => 'Changed.',
    ],
    'record' => [
        'store' => ':name is imported, with everything the record held.',
    ],
    'safety-flag' => [
        'raise' => 'Noted. What it bars is left out of the plan until a named person has cleared it.',
        'clear' => 'Cleared; the plan is updated without that limit.',
    ],
    'salon' => [
        'update' => 'Saved. New clients start from this; clients you have keep their own.',
    ],
    'shared' => [
        'noted' => 'Noted.',
        'counted' => 'Counted.',
        'saved' => 'Saved.',
        'withdrawn' => 'Withdrawn.',
    ],
    'style' => [
        'begin' => 'The style is followed from that day.',
        'end' => 'How long it lasted went to the hair tests.',
    ],
    'trial' => [
        'store' => 'The trial runs. Take its measure under Hair tests each wash day.',
        'end' => 'The trial is ended; its result stays.',
    ],
    'wash-day' => [
        'store' => 'The wash is saved; the plan is updated from it.',
        'destroy' => 'Undone: that wash day is removed.',
    ],
];
