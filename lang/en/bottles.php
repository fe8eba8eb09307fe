<?php

declare(strict_types=1);

// What a bottle does to hair beside a usual one of its kind, by what its list says.
return [
    'title' => 'On hair, beside a usual one',
    'moisture' => 'Moisture: :times times as much as a usual :kind (:low to :high).',
    'protein' => 'Protein: :times times as much as a usual :kind (:low to :high).',
    'brings' => 'It brings protein: each time about :percent % of a mild protein treatment (:low to :high %).',
    'cleanses' => 'Cleansing: :times times as strong as a usual :kind (:low to :high).',
    'chelates' => 'It takes minerals off: about :percent % of what is in it chelates.',
    'chelates-not' => 'Nothing in it takes minerals off; it clarifies.',
    'seals' => 'It keeps water in until the next wash.',
    'seals-not' => 'It does not keep water in by itself.',
    'protects' => 'Before the wash: about :percent % of it goes into hair and keeps it from swelling.',
    'protects-not' => 'Before the wash: none of it goes into hair, so it protects less than an oil that does.',
    'label' => 'Its label lets it sit :minutes minutes at most; longer takes moisture again after three times that.',
    'why' => 'The balance reckons with these where a wash day names this bottle. A share that the list leaves open makes it '
        . 'less sure.',
    'passed' => 'Passed over: :what.',
    'missing' => 'No bottle here does it: :what.',
    'against' => ':name (:why)',
    'misses' => [
        'past-its-time' => 'past its time',
        'too-little' => 'too little left',
        'no-protein' => 'without protein',
        'protein-too-mild' => 'its protein is too mild',
        'protein-too-strong' => 'its protein is too strong',
        'holds-protein' => 'holds protein where there must be none',
        'too-harsh' => 'cleanses too hard',
        'too-mild-a-cleanse' => 'cleanses too mildly',
        'does-not-chelate' => 'takes no minerals off',
        'sits-too-short' => 'its label lets it sit too short',
    ],
    'kinds' => [
        'mask' => 'mask',
        'conditioner' => 'conditioner',
        'leave-in' => 'leave-in',
        'mild-protein' => 'mild protein treatment',
        'strong-protein' => 'strong protein treatment',
        'gentle' => 'gentle shampoo',
        'shampoo' => 'shampoo',
        'scalp-care' => 'scalp shampoo',
        'clarifying' => 'clarifying shampoo',
    ],
    'brings-protein' => ':name holds protein of its own; the balance reckons with it.',
    'shares' => 'Shares are by weight. A list says its order, not its numbers: “about” is what is usual of such an ingredient '
        . 'in that place, the range is what is sure.',
    'about' => 'about :percent %',
    'range' => ':low to :high %',
];
