<?php

declare(strict_types=1);

// One thing done differently, asked as one sentence made of menus, and what it comes to.
return [
    'title' => 'What if', 'title-of' => 'What if, for :name', 'lead' => 'Your plan won’t change by asking.',
    'begins' => 'What if',
    'act' => 'What is done differently', 'treatment' => 'Which treatment', 'number' => 'Number', 'from' => 'from', 'until' => 'to',
    'units' => 'days, minutes, % or mg/L',
    'ask' => 'Show me', 'examples' => 'For instance', 'back' => 'Back to the plan',
    'acts' => [
        'leave-out' => 'we leave out', 'later' => 'we put off', 'wash-every-for' => 'for a time we wash every',
        'wash-every' => 'from now on we wash every', 'minutes-limit' => 'a wash day takes at most',
        'mask-heat' => 'we put a cap or hood over the mask', 'mask-heat-off' => 'we use no heat under the mask',
        'seal' => 'we seal with oils and butters', 'seal-off' => 'we stop sealing with oils and butters',
        'pre-wash' => 'we oil before the wash', 'pre-wash-off' => 'we drop the pre-wash treatment',
        'load' => 'we use a lot of styling product', 'load-off' => 'we use little styling product',
        'night' => 'nights are on satin', 'night-off' => 'nights are on cotton',
        'humidity' => 'the air has', 'hardness' => 'the water has',
        'no-protein' => 'we give no protein at all', 'no-mask' => 'we use no masks at all',
    ],
    'before' => ['later' => 'by'],
    'of' => [
        'later' => 'days', 'wash-every-for' => 'days', 'wash-every' => 'days', 'minutes-limit' => 'minutes',
        'humidity' => '% humidity', 'hardness' => 'mg/L of hardness',
    ],
    'instances' => [
        'no-masks' => 'No masks for three weeks', 'protein' => 'Protein a week later', 'rhythm' => 'Wash every :days days',
        'heat' => 'Heat under the mask', 'heat-off' => 'No heat under the mask',
    ],
    'changed' => 'with the change', 'planned' => 'as planned',
    'picture' => ['asked' => 'with the change, and dashed as planned', 'plan' => 'as planned'],
    'not-tested' => 'This hair is not tested yet: this assumes it behaves like similar hair.',
    'turns' => [
        'either' => ':where: :state from about :day. By your plan: :other-state from about :other.',
        'new' => ':where: :state from about :day. Your plan keeps it in balance.',
        'spared' => ':where: stays in balance. Your plan lets it get :state about :other.',
        'moved' => ':where: :state from about :day instead of :other.',
        'back' => ':where: no longer :state from about :day. Your plan does not fix that in these weeks.',
        'not-back' => ':where: still :state after these weeks. Your plan fixes that about :other.',
        'back-moved' => ':where: no longer :state from about :day instead of :other.',
    ],
    'states' => [
        'moisture-low' => 'dry', 'moisture-high' => 'too moist', 'protein-low' => 'short of protein',
        'protein-high' => 'too much protein',
    ],
    'whole' => 'The hair',
    'numbers' => 'In numbers', 'twelve-weeks' => 'Twelve weeks', 'difference' => 'difference', 'caption' => 'Both futures over twelve weeks',
    'strip' => ['changed' => 'changed', 'planned' => 'planned'],
];
