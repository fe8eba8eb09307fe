<?php

declare(strict_types=1);

/* How a head stands and what comes next, in one line. */

return [
    'not-tested' => 'Not tested yet: the usual gentle care, and test first.',
    'not-tested-until' => 'Not tested yet: the usual gentle care, and test first, :when.',
    'stands' => ':Standing.',
    'stands-and-next' => ':Standing; :next.',
    'with-build-up' => ':standing, with build-up',
    'perhaps' => 'perhaps :cell, not yet sure',
    'probably-as-well' => ':shared, probably :more as well',
    'perhaps-as-well' => ':shared, perhaps :more as well',
    'rather' => 'probably :one, may be :other',
    'sides' => [
        'dry' => 'dry', 'too-moist' => 'too moist', 'short-of-protein' => 'short of protein',
        'stiff-with-protein' => 'too much protein',
    ],
    'cells' => [
        'in balance' => 'in balance', 'dry' => 'dry', 'over-moist' => 'too moist', 'weak' => 'short of protein',
        'stiff' => 'too much protein', 'depleted' => 'dry and short of protein',
        'limp' => 'limp: too moist, short of protein', 'brittle' => 'brittle: dry, too much protein',
        'overloaded' => 'too much of both',
    ],
    'clarify' => 'clarify :when',
    'mask' => 'mask :when',
    'strong-protein' => 'strong protein :when',
    'mild-protein' => 'mild protein :when',
    'strong-protein-and-mask' => 'strong protein and mask :when',
    'mild-protein-and-mask' => 'mild protein and mask :when',
    'protein-can-wait' => 'protein can wait until :date',
    'today' => 'today',
    'tomorrow' => 'tomorrow',
    'on' => 'on :date',
];
