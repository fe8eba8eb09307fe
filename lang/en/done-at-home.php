<?php

declare(strict_types=1);

return [
    'title' => 'What gets done at home',
    'none' => 'No planned wash at home has been saved yet. Until then some steps are expected to be left out, as with most people.',
    'lead' => 'Of the steps planned at home. The plan counts less on what is often left out; where that is long masks, it may ask for short ones.',
    'row' => '{1} noted :told of 1 time|[2,*] noted :told of :times times',
    'range' => 'Next time about :share %; 8 times in 10 between :least and :most %.',
    'way' => 'At home: :step noted :told of :times times.',
    'steps' => [
        'pre-wash' => 'pre-wash', 'clarifying' => 'clarifying wash', 'protein' => 'protein',
        'short-mask' => 'mask up to :minutes minutes', 'long-mask' => 'mask over :minutes minutes',
        'conditioner' => 'conditioner', 'leave-in' => 'leave-in', 'seal' => 'sealing with oil or butter',
    ],
];
