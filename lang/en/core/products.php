<?php

declare(strict_types=1);

/* What to paste or type instead, of lists, shelves and mixes. */

return [
    'list' => [
        'empty' => 'Ingredients: paste the list from the bottle, such as “Aqua, Cetearyl Alcohol, Glycerin”.',
        'too-long' => 'Ingredients: this is longer than any list on a bottle. Paste the ingredients alone, up to :most letters.',
        'no-name' => 'Ingredients: there is no name in this text. Paste the list from the bottle.',
        'too-many' => 'Ingredients: :entries entries are more than a bottle holds. Paste one product at a time, up to :most.',
        'story' => 'Ingredients: of :first and the rest hardly any is an ingredient (:known of :all). Paste the list from the bottle, not its story.',
    ],
    'shelf' => [
        'columns' => 'Shelf: the first line names the columns, name and kind among them.',
        'line' => 'Shelf, line :line, :column: :instead.',
        'minutes' => 'type 1 to :most', 'kind' => 'choose one of :kinds', 'name' => 'type what it is called',
        'number' => 'type a number, 0 or more, such as 12.5', 'day' => 'type a day that exists, such as 2027-01-09',
    ],
    'mix' => [
        'batch' => 'Batch: type how much to make, more than 0 and up to :most mL.',
        'share' => ':name: type a share of more than 0 and up to 100 %.',
        'sum' => 'The parts come to :sum %; lower them to 100 % or less.',
        'most-of-oil' => ':name: :most % is the most of it by itself (Tisserand & Young, on skin; from memory); it comes to :percent %.',
        'most-of-part' => ':name: :most % is the most of it by itself (the ingredient book and common practice); it comes to :percent %.',
        'essential-oils' => 'Essential oils come to :percent % (:parts); :cap (Tisserand & Young; from memory). Ask a clinician where in doubt.',
        'essential-oils-and-unknown' => 'Essential oils come to :percent % (:parts); :cap (Tisserand & Young; from memory). Ask a clinician where in doubt. Not known here, and counted as an essential oil until it is named: :unknown. Write it as on its label, or teach it to the ingredient book.',
        'part' => ':name :percent %',
        'none' => ':where there is none', 'most' => ':where :most % is the most',
        'uses' => [
            'scalp' => 'on the scalp', 'rinsed-off' => 'in what is rinsed off', 'child' => 'on a child under 12',
            'young' => 'from 12 to 15 years', 'pregnancy' => 'in pregnancy', 'asthma' => 'with asthma',
        ],
    ],
];
