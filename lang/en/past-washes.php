<?php

declare(strict_types=1);

// Wash days: what was really done.
return [
    'their-own' => ':name (their own)',
    'title' => 'Wash days', 'title-of' => 'Wash days of :name', 'lead' => 'What was really done.',
    'from-plan' => 'Filled in from the plan for :day; change what went differently.',
    'day' => 'Day', 'where' => 'Where', 'pre-wash' => 'Pre-wash', 'pre-wash-time' => 'Pre-wash time', 'cleanse' => 'Cleanse', 'passes' => 'Washes',
    'passes-help' => 'a third only after a check for stripping', 'protein' => 'Protein', 'protein-help' => 'always a mask after strong protein', 'protein-time' => 'Protein time',
    'conditioning' => 'Conditioner or mask', 'conditioning-time' => 'Time of it', 'detangling' => 'Detangling took', 'detangling-help' => 'by the clock; empty: not timed', 'tool' => 'Detangled with', 'not-detangled' => 'not detangled', 'hair-was' => 'Hair was',
    'trim' => 'Trim', 'trim-unit' => 'mm cut', 'heat-tool' => 'Heat tool', 'put-up' => 'Put up', 'swim' => 'Swim', 'heat' => 'Mask under cap or hood', 'leave-in' => 'Leave-in',
    'seal' => 'Sealed with oil or butter', 'wetting' => 'Only wetted again, to refresh', 'chemical' => 'Colour, bleach or another chemical service',
    'none' => 'none', 'no' => 'no', 'not-said' => 'not said', 'minutes' => 'minutes', 'with-products' => 'With which products', 'with' => ':what with',
    'save' => 'Save the wash', 'so-far' => 'Washes so far', 'about' => 'about :day',
    'take-out' => 'Delete this wash', 'take-out-why' => 'Balance and plan are worked out as if it had not been. The care record keeps a copy, if you export it first.',
    'take-out-do' => 'Delete the wash of :day',
];
