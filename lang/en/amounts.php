<?php

declare(strict_types=1);

/* How much, as a hand measures it. */

return [
    'presses' => [
        'a-section' => '{1} :number pump a section|{2} :number pumps a section',
        'for-sections' => 'one pump for every :sections sections',
        'in-all' => '{1} :number pump in total|{2} :number pumps in total',
    ],
    'drops' => '{1} :number drop|{2} :number drops',
    'teaspoon' => '{1} :number teaspoon|{2} :number teaspoons',
    'tablespoon' => '{1} :number tablespoon|{2} :number tablespoons',
    'between' => ':least to :most',
    'much' => 'about :ml mL in total (:measure)',
];
