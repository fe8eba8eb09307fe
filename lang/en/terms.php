<?php

declare(strict_types=1);

// Limits: what the plan must keep to beside the hair itself.
return [
    'title' => 'Limits', 'title-of' => 'Limits of the plan, for :name', 'lead' => 'What the plan must keep to beside the hair itself.',
    'minutes' => 'minutes', 'do' => 'Plan within these limits',
    'by-hand' => [
        'title' => 'Set by you', 'mask' => ', mask :minutes min', 'rinse-out' => ', rinse-out', 'heat' => ' with heat', 'take-back' => 'Take back',
        'none' => 'Nothing yet. A day you set stays as it is, also against a rule where a licensed stylist decides it; the rest is planned round it.',
        'day' => 'Day', 'cleanse' => 'Cleanse', 'passes' => 'Washes', 'times' => [1 => 'one', 2 => 'two', 3 => 'three'], 'protein' => 'Protein', 'no-protein' => 'none',
        'mask-label' => 'Mask', 'mask-help' => 'empty: rinse-out only', 'reason' => 'Reason', 'reason-help' => 'why you set it', 'heat-label' => 'Mask under cap or hood',
        'do' => 'Set this day',
    ],
    'promise' => [
        'title' => 'Agreed with the client',
        'is' => '{1} One treatment is agreed, on :day. Moving it by a week must be worth :cost of a day out of balance.|[2,*] :count treatments are agreed, the first on :day. Moving one by a week must be worth :cost of a day out of balance.',
        'release' => 'Take the agreement back', 'none' => 'The plan moves freely with every test. Agree on it once the client counts on it.', 'do' => 'Agree on the plan as it is',
    ],
    'away' => ['title' => 'Days away', 'how' => 'No wash is planned on these days; what falls due comes before or right after.', 'from' => 'From', 'until' => 'Until'],
    'places' => ['title' => 'Salon and home', 'days' => 'Days in the salon', 'longest' => 'Longest at home', 'salon-only' => 'In the salon only:'],
    'stock' => [
        'title' => 'Stock, price, patch tests', 'treatment' => 'Treatment', 'uses' => 'Uses left', 'price' => 'Price of a use',
        'not-before-long' => 'New to a sensitive client: not before', 'not-before' => 'not before',
    ],
];
