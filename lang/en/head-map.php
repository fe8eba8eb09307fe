<?php

declare(strict_types=1);

// The head from above, zone by zone.
return [
    'label' => 'The head from above, nose up. :zones.',
    'choose' => 'The head from above, nose up: choose a zone',
    'zone' => ':zone: :porosity porosity',
    'zone-grown' => ':zone: :porosity porosity, new growth :growth',
    'unread' => ':zone: not tested yet',
    'measured' => ':zone: :value :unit, :date',
];
