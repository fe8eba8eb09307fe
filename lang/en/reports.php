<?php

declare(strict_types=1);

// The reports over a salon.
return [
    'cells' => ['rest' => ':percent % something else', 'none' => 'not tested'],
    'team' => [
        'chance' => 'within chance',
        'alike' => '{1} Nobody reads further from the salon’s usual than chance alone would, by the one sign compared.'
            . '|[2,*] Nobody reads further from the salon’s usual than chance alone would, by :count signs compared.',
        'rest' => '{1} One more sign is read alike, within chance.|[2,*] :count more signs are read alike, within chance.',
    ],
    'money' => [
        'earned' => 'Earned in total', 'tax' => 'of it tax', 'kept' => 'Deposits kept of visits that did not come about:',
        'unsaid' => '{1} Of one booking that has gone by nobody said how it went; it is in none of these sums.|[2,*] Of :count bookings that have gone by nobody said how they went; they are in none of these sums.',
        'say' => 'Say how',
    ],
    'balance' => [
        'share' => '{1} :share of the hair of one client was in balance, day by day.'
            . '|[2,*] :share of the hair of :count clients was in balance, day by day.',
    ],
    'breakage' => [
        'share' => ':share of :all hairs that came out were broken (80 %: :least to :most), by :counts on :clients.',
        'counts' => '{1} one count|[2,*] :count counts',
        'clients' => '{1} one client: others may differ by far|[2,*] :count clients, as far as they differ',
        'before' => ':share in the :days days before (80 %: :least to :most).',
        'none' => 'No hairs were counted in this time.',
        'none-before' => 'None were counted in the :days days before.',
    ],
];
