<?php

declare(strict_types=1);

// The reports over a salon.
return [
    'cells' => ['rest' => ':percent % something else', 'none' => 'not tested'],
    'team' => [
        'title' => 'Team', 'lead' => 'Do we score the same? Differences are corrected automatically.', 'back' => 'Back to reports',
        'news' => 'Do we score the same?',
        'alike' => '{1} Yes: in the one test compared nobody differs more than chance.'
            . '|[2,*] Yes: in the :count tests compared nobody differs more than chance.',
        'higher' => ':name scores :test clearly higher than the rest, by :by :unit.',
        'lower' => ':name scores :test clearly lower than the rest, by :by :unit.',
        'corrected' => 'This is corrected automatically wherever such a score counts. Score a client together now and then: that helps most.',
        'together' => 'Score a client together now and then, so that it stays so.',
        'picture' => 'How far each scores from the salon’s usual, test by test',
        'key' => ['chance' => 'chance', 'clear' => 'clearly different', 'within' => 'within chance', 'lower' => 'scores lower', 'higher' => 'scores higher'],
        'dot' => ':name, :test: :by :unit, give or take :sd',
        'nobody' => 'Two stylists who score the same clients are needed before anything can be said. Let two of you score one client on one day now and then: that helps most.',
        'numbers' => 'In numbers', 'table' => 'How each stylist scores', 'caption' => 'How far each stylist scores a test above the salon’s usual, with one standard deviation',
        'test' => 'Test', 'chance' => 'within chance',
        'note' => 'Above the salon’s usual, in the test’s own unit, where it is further off than nineteen of twenty without a difference would be. Looked at again each Monday.',
        'rest' => '{1} One more test is scored alike, within chance.|[2,*] :count more tests are scored alike, within chance.',
        'scatter' => [
            'title' => 'How much do results scatter?',
            'nothing' => 'Nothing can be said yet: results are held beside what was expected of them each Monday.',
            'usual' => 'As much as usual: nobody’s results, and no test’s, scatter clearly more.',
            'clear' => [
                'stylist' => 'Results by :which scatter clearly more than usual, :times times as much.',
                'test' => 'Results for “:which” scatter clearly more here than usual, :times times as much.',
            ],
            'counted' => 'What scatters more counts for less, by itself, wherever such a result counts.',
            'times' => ':times times as much as usual', 'between' => '{1} four of five sure: :least to :most · from one result|[2,*] four of five sure: :least to :most · from :count results',
            'counts' => ['whole' => 'counts in full', 'less' => 'counts for :percent % of a usual one'],
            'rest' => '{1} One more test scatters as usual.|[2,*] :count more tests scatter as usual.',
            'scale' => 'Line in the middle: as usual; left edge half as much, right edge twice. Looked at again each Monday.',
        ],
        'pairs' => [
            'title' => 'Same-day double checks', 'none' => 'No client was scored by two stylists at the same moment yet.',
            'says' => '{1} One test scored twice at the same moment, by two of you.|[2,*] :count tests scored twice at the same moment, by two of you.',
            'repeats' => 'One score repeats to: :what.', 'repeat' => ':test ± :sd :unit (:pairs)', 'count' => '{1} one pair|[2,*] :count pairs',
            'day' => 'Day', 'client' => 'Client', 'one' => 'One', 'other' => 'Other', 'all' => 'All of them',
        ],
    ],
    'money' => [
        'earned' => 'Earned in total', 'tax' => 'of which tax', 'kept' => 'Deposits kept from missed visits:',
        'unsaid' => '{1} One visit is over and still open; it is in none of these sums.|[2,*] :count visits are over and still open; they are in none of these sums.',
        'say' => 'Fill in',
    ],
    'title' => 'Reports', 'span' => '{1} :from to :until, one day|[2,*] :from to :until, :count days', 'csv' => 'As a table (.csv)',
    'from' => 'From', 'until' => 'Until', 'show' => 'Show', 'other-days' => 'Other days', 'how-long' => 'How long back',
    'spans' => ['weeks' => '12 weeks', 'half-a-year' => '6 months', 'year' => '12 months', 'year-and-a-half' => '18 months'],
    'news' => [
        'title' => 'Are we getting better?', 'look' => 'What that means',
        'balance' => '{1} Hair was in balance :percent % of the time, of the one client who was tested.'
            . '|[2,*] Hair was in balance :percent % of the time, over the :count clients who were tested.',
        'better' => 'That is getting better: :lately % in the second half, :earlier % in the first.',
        'worse' => 'That is getting worse: :lately % in the second half, :earlier % in the first.',
        'same' => 'No clear change: :lately % in the second half, :earlier % in the first.',
        'unsaid' => 'Too little is known to say whether that changes.',
        'breakage' => [
            'less' => 'Less breakage: :now % of the hairs that came out were broken, :before % before.',
            'more' => 'More breakage: :now % of the hairs that came out were broken, :before % before.',
            'alike' => 'No clear change in breakage: :now % of the hairs that came out were broken, :before % before.',
        ],
        'none' => 'Nobody was tested in these days, so nothing can be said yet.',
    ],
    'balance' => [
        'title' => 'In balance', 'week' => 'week from :day: :percent %', 'of-days' => 'of days in balance',
        'picture' => 'Hair in balance week by week, in percent of days, as it was known at the time.',
        'none' => 'No client was tested in these days; balance covers the past twelve weeks.',
        'furthest' => 'Who needs it most', 'furthest-why' => 'Least in balance over these days.',
    ],
    'time' => [
        'title' => 'Time and money', 'none' => 'No booking was done in this time.', 'table' => 'Time by stylist',
        'says' => 'Booked :booked h, used :used h.',
        'stylist' => 'Stylist', 'clients' => 'clients', 'booked' => 'booked', 'used' => 'used', 'close' => 'within 10 min', 'earned' => 'earned',
        'missed' => ':cancelled cancelled, :missed no-show.',
    ],
    'products' => [
        'title' => 'Products', 'none' => 'Nothing was used at a wash in this time.', 'table' => 'Products used',
        'of' => '{0} of products|{1} of products on one wash day|[2,*] of products on :count wash days', 'each' => 'each',
        'product' => 'Product', 'used' => 'used, mL', 'cost' => 'cost', 'no-price' => 'no price',
    ],
    'breakage' => [
        'title' => 'Breakage',
        'share' => ':share of :all hairs that came out were broken (80 %: :least to :most), by :counts on :clients.',
        'counts' => '{1} one count|[2,*] :count counts',
        'clients' => '{1} one client: others may differ by far|[2,*] :count clients, as far as they differ',
        'before' => ':share in the :days days before (80 %: :least to :most).',
        'none' => 'No hairs were counted in this time.',
        'none-before' => 'None were counted in the :days days before.',
    ],
];
