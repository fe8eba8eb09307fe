<?php

declare(strict_types=1);

return [
    'title' => 'What gets done at home',
    'none' => 'No planned wash at home has been saved yet. Until then the plan expects that about one step in eight is left out, as with most people.',
    'lead' => 'Of the steps planned at home. The plan counts less on what is often left out, and asks for it shorter or more often.',
    'row' => '{1} done :done of 1 time|[2,*] done about :done of :times times',
    'range' => 'Next time about :share %; 8 times in 10 between :least and :most %.',
    'way' => 'At home: :step done about :done of :times times.',
    'steps' => [
        'pre-wash' => 'pre-wash', 'clarifying' => 'clarifying wash', 'protein' => 'protein',
        'short-mask' => 'mask up to :minutes minutes', 'long-mask' => 'mask over :minutes minutes',
        'conditioner' => 'conditioner', 'leave-in' => 'leave-in', 'seal' => 'sealing with oil or butter',
    ],
];
