<?php

declare(strict_types=1);

// Clients' names on a screen that others may see.
return [
    'hide' => 'Hide names', 'show' => 'Show names',
    'hide-how' => 'First letters instead of names and no phone numbers, on every device you use.',
    'show-how' => 'Names and phone numbers, on every device you use.',
    'desk' => 'Show on this device', 'no-desk' => 'Hide on this device too',
    'desk-how' => 'On this device, at the desk, names are shown while they are hidden everywhere else.',
];
