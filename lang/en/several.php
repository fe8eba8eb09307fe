<?php

declare(strict_types=1);

// Several plans side by side: a household, or a stylist's clients.
return [
    'title' => 'Compare plans', 'household-lead' => 'Everyone of this household, twelve weeks ahead.',
    'stylist-lead' => 'Clients :name saw in the last sixteen weeks, twelve weeks ahead.',
    'household' => 'Household', 'any' => 'any', 'stylist' => 'or stylist', 'show' => 'Show',
    'none' => 'Nobody here yet. A household is named with each new client; a stylist’s clients are those booked with them.',
    'together' => 'Together with another on :days.',
];
