<?php

declare(strict_types=1);

// How we got here: a staircase from the start to now, and the whole ledger behind it.
return [
    'title' => 'How we got here', 'title-of' => 'How we got here, for :name',
    'lead' => 'What the days took, what was done, and what the tests corrected.',
    'which' => 'Which hair', 'weeks' => ':count weeks', 'span' => 'How far back', 'what' => 'What',
    'of' => ['moisture' => 'Moisture', 'protein' => 'Protein', 'build_up' => 'Build-up'],
    'says' => [
        'up' => ':what rose: :start on :day, :end now, of 100.', 'down' => ':what fell: :start on :day, :end now, of 100.',
        'same' => ':what stands at :end, as on :day, of 100.',
        'parts' => 'Treatments :done, the days between :days, tests corrected it by :tests.',
        'nothing' => 'Nothing is saved yet for these weeks.',
    ],
    'kinds' => ['days' => 'days between', 'tests' => 'corrected by tests', 'done' => 'done that day', 'all' => 'all of that day and those before it'],
    'step-says' => ':day: :what, :by',
    'picture' => ':what step by step from :start to now, band: what this hair likes.',
    'start' => 'start', 'now' => 'now', 'band' => 'what this hair likes', 'likes' => 'likes',
    'days' => 'Day by day', 'day' => ':day, to :level', 'amount' => ':by',
    'all' => [
        'title' => 'Every line', 'why' => 'The whole ledger, to one decimal: each column adds up by hand.',
        'label' => 'Ledger', 'caption' => 'Ledger of :part from the evening of :day, in units of reserve from 0 to 100',
        'day' => 'Day', 'line' => 'Line', 'rounding' => 'Rounding of the lines above to one decimal',
        'today' => 'Balance today', 'doubt' => 'Give or take (one standard deviation)',
        'target' => 'What this hair likes, comfortable :half either side; build-up comfortable under :limit',
    ],
];
