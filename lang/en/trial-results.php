<?php

declare(strict_types=1);

// What a trial or a programme told, and how sure that is.
return [
    'habit-new' => ':habit is new', 'habit-gone' => ':habit is gone', 'with-heat' => 'with heat',
    'few-pairs' => ':read of at least :least days are read on both sides; four are better.',
    'few' => 'Days read: :before before and :after after; at least :least of each are needed, four are better.',
    'chance-always' => 'chance alone does as much nearly every time',
    'chance' => 'chance alone does as much in 1 of :of such trials',
    'hardly' => 'It is hard to put down to chance',
    'as-clear-as-can-be' => 'It is as clear as so few days can be; a few more would tell',
    'may-be' => 'It may well be chance',
    'more' => 'More by :by :unit (80 %: :least to :most). :verdict: :chance.',
    'less' => 'Less by :by :unit (80 %: :least to :most). :verdict: :chance.',
    'weeks' => '{1} week|[0,*] weeks', 'wash-days' => '{1} wash day|[0,*] wash days',
];
