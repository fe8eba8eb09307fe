<?php

declare(strict_types=1);

// The picture of the hair balance: how moisture and protein stand on each day, told apart: was, now, planned.
return [
    'stands' => ':moisture, :protein, each give or take :range; build-up :build_up of 100',
    'distance' => [
        'low' => ':what too low (:by)', 'lowish' => ':what a little low (:by)', 'right' => ':what as it likes (:by)',
        'highish' => ':what a little high (:by)', 'high' => ':what too high (:by)',
    ],
    'says' => [
        'was' => ':stands',
        'now' => 'Now: :stands',
        'after' => 'After today\'s wash, planned: :stands',
        'planned' => 'Planned: :stands',
        'changed' => 'With the change: :stands',
        'as-planned' => 'As planned: :stands',
        'known' => 'From the tests: :stands',
        'really' => 'Really: :moisture, :protein; build-up :build_up of 100',
    ],
    'wash' => ':day: :kinds',
    'wash-planned' => ':day: :kinds, planned',
    'kinds' => [
        'wash' => 'wash', 'mask' => 'mask', 'protein' => 'protein', 'clarify' => 'clarifying', 'trim' => 'trim',
        'service' => 'colour or other chemical service', 'swim' => 'swim',
    ],
    'title' => 'Hair balance',
    'label' => 'Hair balance: moisture and protein as their distance from what this hair likes, higher is more; :span.'
        . ' :verdict Arrow keys read each day.',
    'span' => [
        'both' => 'twelve weeks back until now, and twelve ahead as planned',
        'ahead' => 'twelve weeks ahead, :name',
    ],
    'read' => 'Tap a day for details. Each number is the distance from what this hair likes, in points of 100.',
    'step' => ['back' => 'A day back', 'today' => 'Today', 'first' => 'First day', 'on' => 'A day on'],
    'strata' => 'Which hair',
    'words' => [
        'moisture' => 'moisture', 'protein' => 'protein', 'now' => 'now', 'planned' => 'planned',
        'more' => 'more than it likes', 'in' => 'in balance', 'less' => 'less than it likes',
    ],
    'key' => [
        'title' => 'What the marks mean',
        'band' => 'in balance', 'moisture-leads' => 'moisture leads', 'protein-leads' => 'protein leads',
        'ribbon' => 'pale edge: where it lies 8 times in 10',
        'mask' => 'mask', 'protein' => 'protein', 'clarify' => 'clarifying', 'wash' => 'wash', 'service' => 'chemical service',
        'tests' => 'hair tests', 'now' => 'now', 'after' => 'after today\'s wash, if it is done as planned',
        'planned' => 'faded: planned', 'beside' => 'dashed: as planned',
    ],
];
