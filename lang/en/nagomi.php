<?php

declare(strict_types=1);

return [
    'zones' => ['edges' => 'edges', 'front' => 'front', 'left' => 'left', 'right' => 'right', 'crown' => 'crown', 'centre' => 'centre', 'back' => 'back', 'nape' => 'nape'],
    'porosities' => ['low' => 'low', 'medium' => 'medium', 'high' => 'high'],
    'strands' => ['fine' => 'fine', 'medium' => 'medium', 'coarse' => 'coarse'],
    'densities' => ['low' => 'thin', 'medium' => 'medium', 'high' => 'dense'],
    'loads' => ['light' => 'light: a little leave-in', 'medium' => 'medium: leave-in and some gel', 'heavy' => 'heavy: much gel, butters or cream'],
    'steps' => [
        'pre-wash' => 'Pre-wash', 'detangle' => 'Detangle', 'cleanse' => 'Cleanse', 'mild-protein' => 'Mild protein', 'strong-protein' => 'Strong protein',
        'conditioner' => 'Rinse-out conditioner', 'mask' => 'Mask', 'leave-in' => 'Leave-in', 'seal' => 'Seal', 'heat-tool' => 'Heat tool',
        'chemical-service' => 'Colour or other chemical service', 'trim' => 'Trim',
    ],
    'cleanses' => [
        'co-wash' => 'Co-wash', 'low-lather' => 'Low-lather cleanse', 'gentle' => 'Gentle cleanse', 'shampoo' => 'Shampoo',
        'clarifying' => 'Clarifying cleanse', 'chelating' => 'Chelating cleanse',
    ],
    'pre_washes' => ['oil' => 'Pre-wash oil', 'conditioner' => 'Pre-wash conditioner', 'mix' => 'Pre-wash mix'],
    'tools' => ['fingers' => 'fingers', 'comb' => 'fingers, then wide comb', 'brush' => 'fingers, comb, then brush'],
    'detangling' => ['wet-with-slip' => 'wet with slip', 'wet-without' => 'wet without slip', 'dry-with-oil' => 'dry with oil', 'dry-without' => 'dry without oil'],
    'places' => ['salon' => 'in the salon', 'home' => 'at home'],
    'moments' => ['home' => 'at home', 'before-cleansing' => 'before cleansing', 'after-styling' => 'after styling'],
    'tests' => ['build-up-signs' => 'Build-up signs', 'dryness' => 'Dryness', 'feel' => 'Feel', 'wet-stretch' => 'Wet stretch', 'broken-hairs' => 'Shed and broken hairs'],
    'signs' => [
        'wet-stretch' => 'wet stretch', 'stretch-return' => 'return after stretch', 'feel' => 'feel', 'dryness' => 'dryness',
        'build-up-signs' => 'build-up signs', 'broken' => 'broken hairs',
    ],
    'sign_units' => [
        'wet-stretch' => '%', 'stretch-return' => '%', 'feel' => 'on −5 to 5', 'dryness' => 'of 10', 'build-up-signs' => 'of 10', 'broken' => 'hairs',
    ],
    'cells' => [
        'in balance' => 'in balance', 'dry' => 'dry', 'over-moist' => 'over-moist', 'weak' => 'weak', 'stiff' => 'stiff', 'depleted' => 'depleted',
        'limp' => 'limp', 'brittle' => 'brittle', 'overloaded' => 'overloaded',
    ],
    'ledger' => ['opening' => 'Assumed before anything was measured', 'time' => ':subject passed', 'reading' => 'Corrected by :subject', 'limit' => 'Held at the edge of the scale'],
    'changes' => [
        'wash-every' => 'Another rhythm: wash every … days', 'minutes-limit' => 'Less or more time: at most … minutes a wash day',
        'humidity' => 'Other air: usual humidity of … %', 'hardness' => 'Other water: hardness of … mg/L',
        'mask-heat' => 'Heat under the mask the other way', 'seal' => 'Oils and butters the other way', 'pre-wash' => 'Pre-wash the other way',
        'no-protein' => 'No protein in these weeks', 'no-mask' => 'No masks in these weeks',
    ],
    'notebook' => [
        'wash' => 'Wash with shampoo', 'mask' => 'Mask', 'strong-protein' => 'Strong protein', 'mild-protein' => 'Mild protein',
        'clarifying' => 'Clarifying cleanse', 'chemical-service' => 'Colour, bleach or other chemical service', 'trim' => 'Trim',
    ],
    'method' => [
        'pre-wash' => ['Pre-wash', ['none' => 'none', 'oil' => 'oil', 'conditioner' => 'conditioner', 'mix' => 'other mix']],
        'detangling' => ['When to detangle', ['under-conditioner' => 'under conditioner or mask', 'dry-with-oil' => 'dry with oil', 'wet-before-shampoo' => 'wet, before shampoo', 'in-shampoo' => 'in the shampoo', 'after-rinse' => 'after rinsing', 'before-styler' => 'before the styler']],
        'tools' => ['Tools', ['fingers-comb' => 'fingers, comb', 'fingers' => 'fingers only', 'fingers-comb-brush' => 'fingers, comb, brush']],
        'shampoo-reach' => ['Shampoo reaches', ['scalp-only' => 'scalp, lengths by run-off', 'scalp-and-lengths' => 'scalp and lengths']],
        'shampoo-sections' => ['Shampoo', ['whole-head' => 'whole head', 'in-sections' => 'in sections']],
        'cleansing' => ['Cleansing style', ['one-pass' => 'one pass', 'two-passes' => 'two passes', 'alternate-co-wash' => 'alternate with co-wash', 'clarify-then-moisturise' => 'clear, then moisturising shampoo']],
        'mask-and-conditioner' => ['Mask and conditioner', ['one' => 'one or the other', 'both' => 'both']],
        'mask-rhythm' => ['Mask rhythm', ['by-signs' => 'by signs', 'by-calendar' => 'by calendar']],
        'mask-water' => ['Mask and water', ['squeeze-first' => 'squeeze out first', 'add-water' => 'add water for slip']],
        'mask-reach' => ['Mask reaches', ['lengths' => 'lengths only', 'roots-too' => 'roots too']],
        'residue' => ['Residue', ['rinse-out' => 'rinse out fully', 'leave-slip' => 'leave some slip']],
        'mask-heat' => ['Heat under the mask', ['body-heat' => 'body heat only', 'cap-or-hood' => 'cap or hood']],
        'rinse-water' => ['Rinse water', ['lukewarm' => 'lukewarm throughout', 'warm-then-cool' => 'warm, then cool']],
        'styling-on' => ['Styling on', ['dripping' => 'dripping wet hair', 'damp' => 'damp hair']],
        'leave-in' => ['Leave-in', ['leave-in-then-gel' => 'leave-in, then gel', 'gel-then-moisturiser' => 'gel, then moisturiser', 'none' => 'no leave-in']],
        'oils' => ['Oils and butters', ['seal' => 'seal after leave-in', 'none' => 'none at all']],
        'scalp' => ['Scalp', ['bare' => 'leave bare', 'oil-or-spray' => 'oil or spray']],
        'protein' => ['Protein', ['by-signs' => 'by signs', 'by-calendar' => 'by calendar', 'avoided' => 'avoided, planned exceptions']],
        'snapping-hair' => ['First reading of snapping hair', ['moisture-first' => 'moisture first', 'protein-first' => 'protein first']],
        'trim' => ['Trim', ['while-detangling' => 'while detangling', 'stretched' => 'on stretched hair']],
        'washed-at' => ['Washed at', ['shower' => 'shower', 'basin' => 'basin or bathtub edge', 'outside' => 'outside with a spray bottle']],
    ],
];
