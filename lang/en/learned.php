<?php

declare(strict_types=1);

// What a salon's own records say of the numbers it goes by.
return [
    'title' => 'What we have learned here',
    'lead' => 'Nagomi comes with numbers of the trade: how long moisture stays, how much a mask gives, how far a hair test can be off. Your own records say how they are here. Nothing changes until you say so.',
    'few' => 'There is too little to learn from yet. At least :least clients with hair tests on :days days in the last :months months are needed; there are :clients.',
    'ask' => 'Learn from our records', 'again' => 'Learn again',
    'under-way' => 'Learning from your records: :percent % done. You can leave this page; it goes on.',
    'look' => 'See how far it is',
    'failed' => 'The last try broke off. Start it again; if that breaks off too, tell whoever looks after your Nagomi.',
    'from' => 'From :clients clients and :results hair test results of the last :months months, on :day.',
    'closer' => [
        'yes' => 'With your own numbers, results fall :percent % closer to where they are expected.',
        'clear' => 'With your own numbers the next result is foretold no better, but they differ clearly from those Nagomi comes with: the balance between tests comes out otherwise.',
        'no' => 'Your own numbers foretell results no better than those Nagomi comes with; there is no need to use them.',
    ],
    'held' => 'Eight of ten should fall within the range given for them: with the numbers Nagomi comes with :shipped of 100 did, with yours :learned of 100.',
    'shipped-now' => 'You work with the numbers Nagomi comes with.',
    'used-now' => 'You work with your own numbers, those of :day, since :since (:by).',
    'use' => 'Use these numbers', 'leave' => 'Go back to the numbers Nagomi comes with',
    'use-note' => 'All clients are worked out anew with them, which takes a few minutes. Plans can change by days or minutes. You can go back at any time.',
    'looked-at' => ':what (Looked at on :day.)',
    'differs' => 'Your records say otherwise than Nagomi assumes. :name: here :here, not :shipped.',
    'by-itself' => 'nobody (once a month by itself)',
    'numbers-title' => 'Your numbers',
    'ships' => 'Comes with :number', 'here' => 'Here :number', 'between' => '8 times in 10 between :least and :most',
    'rests' => [
        'own' => 'rests mostly on your records', 'both' => 'rests half on your records', 'shipped' => 'your records say little of it yet',
    ],
    'numbers' => [
        'spread' => ['name' => 'How much clients differ from what is expected at first', 'unit' => ':number points of moisture'],
        'slopes' => ['name' => 'How clearly hair tests show dryness and the rest', 'unit' => ':number points of dryness for 10 points of moisture'],
        'noise' => ['name' => 'How far one hair test can be off', 'unit' => ':number points of dryness'],
        'moisture-fading' => ['name' => 'Half of the moisture is gone after', 'unit' => ':number days (medium porosity)'],
        'protein-fading' => ['name' => 'Half of the protein is gone after', 'unit' => ':number days (medium porosity)'],
        'moisture-gains' => ['name' => 'What a treatment gives of moisture', 'unit' => ':number points by a mask'],
        'protein-gains' => ['name' => 'What a treatment gives of protein', 'unit' => ':number points by a strong protein treatment'],
    ],
    'picture' => ':name. :shipped. :here, :between',
    'key' => ['shipped' => 'as Nagomi comes', 'here' => 'here', 'range' => '8 times in 10', 'scale' => 'The left edge is half of what Nagomi comes with, the right edge twice.'],
    'why' => 'How this is worked out',
    'reasons' => [
        'foretold' => 'Every hair test of the last :months months is foretold from what was known the day before, client by client. The numbers here are those that foretell your tests best.',
        'drawn' => 'Each is drawn towards the number Nagomi comes with, more so the less your records say. Where few clients agree, the range is wide.',
        'leans' => 'The same reckoning, tried on made-up clients for whom everything is as Nagomi comes, lands a little beside it; that is taken off.',
        'together' => 'They belong together: each was found with the others as they stand here, so they are used all at once. The proportions between kinds of hair, tests and treatments stay as they come.',
        'clients' => 'Clients with hair tests on at least :days days count, the :most with most results at most.',
    ],
    'before' => [
        'title' => 'Earlier',
        'failed' => ':day, asked for by :by: broke off.', 'unused' => ':day, asked for by :by: from :clients clients, never used.',
        'used' => ':day: in use since :since (:by).', 'left' => ':day: in use from :since to :until.',
    ],
    'results' => [
        'title' => 'Do results come as expected?',
        'none' => 'No client had hair tests in the last :months months; nothing can be said.',
        'all' => ':held of 100 results of the last :months months came within the range given for them; 80 should (results: :results, clients: :clients).',
        'few' => 'There are too few to tell more: at least :results results of :clients clients are needed.',
        'close' => 'Yes; some ranges could even be closer.',
        'well' => 'Yes: no hair test, stylist, porosity or wait between tests stands out.',
        'general' => 'It is not one of these alone: learn from your records below.',
        'alarm' => [
            'test' => [
                'higher' => 'Results for “:which” come out higher here than expected.', 'lower' => 'Results for “:which” come out lower here than expected.',
                'scattered' => 'Results for “:which” scatter more here than expected.', 'narrow' => 'Results for “:which” scatter less here than expected.',
            ],
            'stylist' => [
                'higher' => 'Results by :which come out higher than expected.', 'lower' => 'Results by :which come out lower than expected.',
                'scattered' => 'Results by :which scatter more than expected.', 'narrow' => 'Results by :which scatter less than expected.',
            ],
            'porosity' => [
                'higher' => 'On hair of porosity “:which” results come out higher than expected.', 'lower' => 'On hair of porosity “:which” results come out lower than expected.',
                'scattered' => 'On hair of porosity “:which” results scatter more than expected.', 'narrow' => 'On hair of porosity “:which” results scatter less than expected.',
            ],
            'since' => [
                'higher' => 'Results :which come out higher than expected.', 'lower' => 'Results :which come out lower than expected.',
                'scattered' => 'Results :which scatter more than expected.', 'narrow' => 'Results :which scatter less than expected.',
            ],
        ],
        'plans' => [
            'chance' => 'Plans made on test days foretold :foretold of 100 days in balance over the next :weeks weeks; :came of 100 came. That is no more apart than chance (plans: :plans, clients: :clients).',
            'more' => 'Plans made on test days foretold :foretold of 100 days in balance over the next :weeks weeks; :came of 100 came, more than chance explains (plans: :plans, clients: :clients). Less needs doing than planned.',
            'less' => 'Plans made on test days foretold :foretold of 100 days in balance over the next :weeks weeks; only :came of 100 came, and chance does not explain it (plans: :plans, clients: :clients). See whether what is planned gets done at home, and learn from your records below.',
        ],
        'above-says' => ':above of 100 are above what was expected; 50 should be.',
        'held-says' => ':held of 100 are within their range; 80 should be.',
        'advice' => [
            'narrow' => 'Nothing is wrong with that; learning from your records can bring the ranges closer.',
            'test' => 'Do it together once, step by step; if it stays so, learn from your records below.',
            'stylist' => 'Score a client together now and then. How high somebody scores, and how much it scatters, is taken into account by itself: see Team under Reports.',
            'porosity' => 'Test the porosity of these clients again; if it stays so, learn from your records below.',
            'since' => 'Moisture or protein may go faster or slower here than expected: learn from your records below.',
        ],
        'by' => ['test' => 'By hair test', 'stylist' => 'By stylist', 'porosity' => 'By porosity', 'since' => 'By the time since the last tests'],
        'since' => [
            'first' => 'at a client’s first tests', 'days' => 'within 10 days of the last tests', 'weeks' => 'within 5 weeks of the last tests',
            'months' => 'within 14 weeks of the last tests', 'long' => 'later than 14 weeks after the last tests',
        ],
        'numbers' => 'In numbers', 'column' => ['results' => 'Results', 'held' => 'Within range, of 100', 'above' => 'Above expected, of 100'],
        'picture' => 'Where results fell in what was expected of them, from far below to far above: :columns %',
        'below' => 'far below', 'above' => 'far above', 'even' => 'as it should be',
        'help' => 'The last 1,000 test days at most. Each result falls somewhere in what was expected of it. If all is well, the ten columns are about as high as the line. High at both ends: results scatter more than expected. High at one end: they come out higher or lower.',
    ],
    'said' => [
        'asked' => 'Learning has begun. You can leave this page; it goes on.', 'under-way' => 'It is already under way.',
        'used' => 'Your own numbers are in use. All clients are worked out anew; that takes a few minutes.',
        'left' => 'The numbers Nagomi comes with are in use again. All clients are worked out anew; that takes a few minutes.',
        'as-shipped' => 'The numbers Nagomi comes with are already in use.',
    ],
    'wrong' => [
        'few' => 'There is too little to learn from yet: hair tests of at least :least clients are needed.',
        'nothing' => 'There are no numbers to use yet. Choose Learn from our records first.',
    ],
];
