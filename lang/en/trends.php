<?php

declare(strict_types=1);

// Trends: what is usual for a client and what has changed.
return [
    'wear-trend' => [
        'alike' => '± :sd; no surer change since :day', 'more' => '± :sd; more than the :mean ± :was of :day',
        'less' => '± :sd; less than the :mean ± :was of :day', 'by' => 'calculated', 'unit' => 'of 100', 'limits' => ':least to :most',
    ],
    'title' => 'Trends', 'title-of' => 'Trends of :name', 'lead' => 'What is usual for this client, and what has changed.',
    'why' => 'Why has it changed?', 'csv' => 'All results (.csv)', 'groups' => 'Which tests',
    'group' => [
        'breakage' => 'breakage', 'elasticity' => 'elasticity', 'balance' => 'balance', 'scalp' => 'scalp', 'detangling' => 'detangling',
        'length' => 'length', 'wear' => 'wear', 'result' => 'result',
    ],
    'picture' => ':name: :says. The table below lists every result.',
    'over-time' => ':name over time',
    'every' => 'Every result', 'caption' => ':name, newest first',
    'column' => ['day' => 'Day', 'average' => 'Moving average', 'usual' => 'Usual', 'says' => 'Says', 'by' => 'Tested by'],
    'none' => 'None of these was tested yet.', 'take' => 'Test them under Hair tests', 'none-of' => 'Not tested yet: :tests.',
    'key' => ['mask' => 'mask', 'protein' => 'protein', 'clarify' => 'clarifying', 'service' => 'trim or chemical service', 'usual' => 'usual for this client', 'average' => 'average lately'],
    'wear' => 'Of wear the band is how far it may be off.',
];
