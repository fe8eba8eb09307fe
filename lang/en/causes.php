<?php

declare(strict_types=1);

// Why something has changed: what may be behind it, what to try, what to ask.
return [
    'days' => ['worse' => 'time and air: more days between, drier air, or unsealed', 'dryness' => 'time and air', 'weakness' => 'time', 'breakage' => 'time'],
    'try' => [
        'satin' => 'Sleep on satin and wear the hair loose for three wash days; then look again.',
        'days' => 'Seal after the leave-in, or wash a day or two sooner, for three wash days; then look again.',
        'mask' => 'Bring the mask back to its rhythm for three wash days and change nothing else; then look again.',
        'detangle' => 'Detangle in smaller sections with more slip, fingers first, for three wash days; then count again.',
        'heat-tool' => 'Leave the heat tool out for three wash days; then count again.',
        'cleanse' => 'Cleanse one step gentler, with a pre-wash, for three wash days; then look again.',
        'protein' => 'Plan one protein by signs and look before the next.',
        'chemical-service' => 'Let no further chemical service near it this season; trim what is worn.',
        'one-thing' => 'Change this one thing for three wash days and nothing else; then look again.',
    ],
    'ask' => [
        'slept-on' => 'What is the hair slept on, and is it covered?',
        'tight' => 'Was anything worn tight: a bun, braids, a cap, a helmet strap?',
        'tool' => 'Which tool, and on wet or dry hair?',
        'skipped' => 'Was the seal or the leave-in skipped?',
        'new-water' => 'New water, new heating, the sea or a pool?',
        'new-product' => 'A new product, or an old one used up?',
    ],
];
