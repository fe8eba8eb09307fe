<?php

declare(strict_types=1);

// What the plan says.
return [
    'as-above' => ':first The rest is as said above.',
    'style-day' => 'at its best on day :day of the style',
    'colour-too-near' => 'Colour :days days before :what: keep :apart days between them, so that nothing new goes wrong shortly before.',
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
        'rows' => ['wash-day' => 'Wash day', 'mask' => 'Mask', 'protein' => 'Protein', 'clarifying' => 'Clarifying'],
        'buttons' => [
            'day-earlier' => '‹ a day earlier', 'day-later' => 'a day later ›', 'swap' => 'Swap with the next',
            'earlier' => '‹ wash before', 'later' => 'wash after ›', 'longer' => 'Longer', 'shorter' => 'Shorter',
            'mild-protein' => 'Mild instead', 'strong-protein' => 'Strong instead', 'leave-out' => 'Leave out',
            'do' => 'Do it', 'leave' => 'Leave it',
        ],
    ],
    'child' => [
        'protein' => 'Protein: no strong protein under :years years. Choose mild protein or none.',
        'heat' => 'Heat: never under :years years. Leave the cap or hood out.',
    ],
];
