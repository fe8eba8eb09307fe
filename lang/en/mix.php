<?php

declare(strict_types=1);

/* Making up a mix: where it goes, on whom, and how long it keeps. */

return [
    'page' => [
        'lead' => 'Parts in percent, scaled to a batch; caps that protect the skin hold.', 'what' => 'What goes in', 'name' => 'Name on the label', 'rest' => 'The rest is', 'batch' => 'Batch',
        'part-of' => 'Part :number', 'share' => 'Share', 'scale' => 'Scale it', 'mix' => 'Mix', 'part' => 'Part', 'drops' => 'drops', 'print' => 'Print the label',
    ],
    'use' => ['label' => 'It goes', 'scalp' => 'on the scalp and stays', 'rinsed-off' => 'on and is rinsed off within minutes'],
    'for' => [
        'label' => 'For', 'nobody' => 'nobody in particular', 'child' => 'a child under 12', 'young' => 'someone of 12 to 15',
        'pregnancy' => 'someone pregnant', 'asthma' => 'someone with asthma',
    ],
    'water' => 'With water and no preservative a mix keeps about :days days, cold.',
    'unknown' => 'What nobody here knows by its name counts as an essential oil.',
    'keeps' => [
        'fresh' => 'Fresh: use it on the day, and throw away what is left.',
        'water' => 'With water in it and no preservative it keeps :days days, cold.',
        'unknown' => 'Something in it is not known here: keep it :days days at most, cold.',
        'oil' => 'Without water it keeps about :days days, dark and cool; not once it smells.',
    ],
    'made' => 'Made on :made; keeps until :until. :keeps :drops drops a millilitre (common practice, no source).',
];
