<?php

declare(strict_types=1);

// The head from above, zone by zone.
return [
    'page' => [
        'title' => 'Test by zone', 'title-of' => 'Tests by zone, :name', 'lead' => ':moment: tap a zone, test it, go on to the next.', 'what' => 'What is tested',
        'draft' => 'What you typed before stands below; it is not saved yet.', 'throw' => 'Throw it away', 'none' => 'Nothing of this was tested by zone yet.', 'last' => 'last test (:unit); the darker, the more',
        'edge' => 'thick edge: filled in now', 'last-of' => 'last :value :unit on :day', 'untested' => 'not tested yet', 'flakes' => 'Flakes that cling, 0 to 10', 'next' => 'Next zone', 'rest' => 'No flakes elsewhere', 'scalp' => 'The whole scalp',
        'scalp-of' => ['itch' => 'Itch', 'oil' => 'Oil', 'redness' => 'Redness', 'soreness' => 'Soreness', 'dryness' => 'Tight or dry'], 'of-ten' => ':what, 0 to 10', 'day' => 'Day', 'save' => 'Save results',
    ],
    'label' => 'The head from above, nose up. :zones.',
    'choose' => 'The head from above, nose up: choose a zone',
    'zone' => ':zone: :porosity porosity',
    'zone-grown' => ':zone: :porosity porosity, new growth :growth',
    'unread' => ':zone: not tested yet',
    'measured' => ':zone: :value :unit, :date',
];
