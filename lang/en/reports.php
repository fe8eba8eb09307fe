<?php

declare(strict_types=1);

// The reports over a salon.
return [
    'breakage' => [
        'share' => ':share of :all hairs that came out were broken (80 %: :least to :most), by :counts on :clients.',
        'counts' => '{1} one count|[2,*] :count counts',
        'clients' => '{1} one client: others may differ by far|[2,*] :count clients, as far as they differ',
        'before' => ':share in the :days days before (80 %: :least to :most).',
        'none' => 'No hairs were counted in this time.',
        'none-before' => 'None were counted in the :days days before.',
    ],
];
