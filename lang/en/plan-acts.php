<?php

declare(strict_types=1);

// What was changed in a plan by hand, and what that comes to before it is let go.
return [
    'moved' => 'moved from :from to :until',
    'swapped' => 'swapped :from with :until',
    'masked' => 'mask of :day :then instead of :now minutes',
    'left-out' => ':what of :day left out',
    'treatments' => ['mask' => 'mask', 'protein' => 'protein', 'mild-protein' => 'mild protein', 'strong-protein' => 'strong protein', 'clarifying' => 'clarifying'],
    'occasion' => ':What, :from to :until.', 'occasion-day' => ':What, :from.',
    'preview' => [
        'over' => 'Over these weeks:',
        'days' => [
            'alike' => 'the same days out of balance',
            'more' => '{1} :number more day out of balance|[2,*] :number more days out of balance',
            'fewer' => '{1} :number day less out of balance|[2,*] :number fewer days out of balance',
        ],
        'minutes' => [
            'alike' => 'the same time',
            'more' => '{1} :number more minute|[2,*] :number more minutes',
            'fewer' => '{1} :number minute less|[2,*] :number fewer minutes',
        ],
        'washes' => [
            'alike' => 'the same number of wash days',
            'more' => '{1} :number more wash day|[2,*] :number more wash days',
            'fewer' => '{1} :number wash day less|[2,*] :number fewer wash days',
        ],
        'breaks-none' => 'no rule is broken by it.',
        'breaks' => 'it breaks: :rules',
    ],
    'promise' => [
        'gone' => ':what of :day is not planned any more.',
        'moved' => ':what moved from :from to :until.',
        'new' => ':what on :day is new.',
    ],
];
