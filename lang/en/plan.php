<?php

declare(strict_types=1);

// What the plan says.
return [
    'acts' => [
        'mask' => 'mask', 'protein' => 'protein', 'clarifying' => 'clarifying',
        'carried' => ':what of :from done on :to instead',
        'mild-protein' => 'mild protein on :day instead of strong',
        'strong-protein' => 'strong protein on :day instead of mild',
        'what' => 'Choose a mask, protein or clarifying, and a wash day earlier or later.',
        'no-wash-day' => 'There is no wash day so far on; a treatment goes to one of the :most before or after.',
        'not-planned' => 'That is not planned for that day.',
        'there-already' => ':day has :what already; leave one of the two out instead.',
        'mask-of-strong' => 'Strong protein is never left without its mask; move the protein, and a mask comes along.',
        'no-strength' => 'There is no protein of another strength on that day to change.',
        'strong-needs-a-mask' => 'Strong protein needs a mask after it; choose a day that has one.',
        'buttons' => [
            'carry-mask' => 'Mask', 'carry-protein' => 'Protein', 'carry-clarifying' => 'Clarifying',
            'earlier' => '‹ :what a wash day earlier', 'later' => ':what a wash day later ›',
            'mild-protein' => 'Mild instead of strong', 'strong-protein' => 'Strong instead of mild',
        ],
    ],
    'child' => [
        'protein' => 'Protein: no strong protein under :years years. Choose mild protein or none.',
        'heat' => 'Heat: never under :years years. Leave the cap or hood out.',
    ],
];
