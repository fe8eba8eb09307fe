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
            'alike' => 'as many days out of balance',
            'more' => '{1} :number day out of balance more|[2,*] :number days out of balance more',
            'fewer' => '{1} :number day out of balance fewer|[2,*] :number days out of balance fewer',
        ],
        'minutes' => [
            'alike' => 'as many minutes',
            'more' => '{1} :number minute more|[2,*] :number minutes more',
            'fewer' => '{1} :number minute fewer|[2,*] :number minutes fewer',
        ],
        'washes' => [
            'alike' => 'as many wash days',
            'more' => '{1} :number wash day more|[2,*] :number wash days more',
            'fewer' => '{1} :number wash day fewer|[2,*] :number wash days fewer',
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
