<?php

declare(strict_types=1);

/* The rules of a plan: what each says, and what would free a day from it, as the end of “To change that: …”. */

return [
    'child-is-spared' => [
        'says' => 'Under :under years: never heat or strong protein, and at most :minutes minutes unless another longest wash day is set. Under :byHandUnder: strong protein by hand only.',
        'frees' => 'nothing; it is so until that birthday',
    ],
    'clarify-apart' => [
        'says' => 'Clarifying or chelating is kept at least :days days apart (:heavy with heavy styling, pool or very hard water).',
        'frees' => 'wait the days, or set the cleanse by hand',
    ],
    'co-wash-alternates' => [
        'says' => 'Co-wash and shampoo take turns, for as long as that was agreed.',
        'frees' => 'choose another cleansing in the salon’s method',
    ],
    'colour-is-fresh' => [
        'says' => 'Fresh colour is not clarified or chelated for :days days.',
        'frees' => 'wait the days, or clarify before the colour',
    ],
    'day-that-counts-is-spared' => [
        'says' => 'No strong protein, clarifying or chelating on a day that counts and in the :days days before it.',
        'frees' => 'do it earlier, or after that day',
    ],
    'dry-hair-is-not-stripped' => [
        'says' => 'Dry or brittle hair is not clarified or chelated; where build-up is past its limit as well, with a mask after.',
        'frees' => 'give it moisture first, or test it again',
    ],
    'in-stock' => [
        'says' => 'What a wash day uses is in stock.',
        'frees' => 'order more, or count the stock again',
    ],
    'mask-by-calendar' => [
        'says' => 'This salon masks by the calendar: a mask no later than :days days after the last.',
        'frees' => 'let masks go by signs for this client',
    ],
    'mask-no-later' => [
        'says' => 'A mask comes no later than :days days after the last, else on the first possible day.',
        'frees' => 'make room for a mask on this day',
    ],
    'mild-first-after-a-service' => [
        'says' => 'After colour, bleach or another chemical service strong protein waits :days days; mild may come with the next wash.',
        'frees' => 'wait the days, or give mild protein',
    ],
    'mild-protein-every-other-wash' => [
        'says' => 'Mild protein comes at most every other wash, and not right after a protein day.',
        'frees' => 'leave a wash day between',
    ],
    'no-oil' => [
        'says' => 'No oil for a client whose method uses none.',
        'frees' => 'choose another pre-wash, or change the method on oils',
    ],
    'not-at-home' => [
        'says' => 'What is done in the salon only is not planned for a day at home.',
        'frees' => 'book the day in the salon',
    ],
    'not-read-yet' => [
        'says' => 'Hair that was not tested within :days days gets no protein and, but for very hard water or swimming, no clarifying: it is tested first.',
        'frees' => 'take a few hair tests, or set the day by hand',
    ],
    'oily-scalp-is-shampooed' => [
        'says' => 'An oily scalp gets a shampoo, nothing milder.',
        'frees' => 'test the scalp again',
    ],
    'one-protein-then-a-look' => [
        'says' => 'One protein, then a test: as long as nobody has tested the hair since, the next waits :days days, strong protein until after the next wash as well. Mild always waits :mild days after strong, strong :strong after mild.',
        'frees' => 'wait the days, or test the hair again',
    ],
    'patch-test-first' => [
        'says' => 'A product new to a sensitive client waits for its patch test, 48 hours.',
        'frees' => 'do the patch test 48 hours before, or use a product the client knows',
    ],
    'pre-wash-on-the-day' => [
        'says' => 'A pre-wash is put on the evening before only where the wash day is too short for it, and there is one.',
        'frees' => 'put it on on the day itself',
    ],
    'programme-is-kept' => [
        'says' => 'What was agreed for these weeks is kept to.',
        'frees' => 'stop the programme',
    ],
    'protein-by-calendar' => [
        'says' => 'This salon gives protein by the calendar: no later than :days days after the last, where the other rules allow it.',
        'frees' => 'let protein go by signs for this client',
    ],
    'protein-by-evidence' => [
        'says' => 'Protein by signs: the hair was tested within :days days and is not stiff, and without it protein would be low in :ahead days with at least :mild % probability (strong: :strong %).',
        'not-tested' => 'Protein goes by signs, and the hair was not tested within :days days.',
        'stiff' => 'Protein goes by signs, and the hair felt stiff when it was last tested.',
        'not-due' => 'Protein goes by signs: it waits until it would be low in :ahead days with at least :mild % probability (strong: :strong %).',
        'frees' => 'test the hair, or set the treatment by hand',
    ],
    'protein-by-hand-only' => [
        'says' => 'This hair is protein-sensitive, or its method avoids protein: a dose is planned by hand only.',
        'frees' => 'set the dose by hand',
    ],
    'referred-first' => [
        'says' => 'With a sign that is for a clinician only gentle care goes on until a named person has cleared it.',
        'frees' => 'have the sign seen, and cleared by a named person with a date',
    ],
    'scalp-care-when-due' => [
        'says' => 'A scalp that flakes gets its scalp care, and no other does.',
        'frees' => 'test the scalp again',
    ],
    'sore-scalp-is-spared' => [
        'says' => 'A sore scalp bars heat and clarifying or chelating cleansing until it is cleared.',
        'frees' => 'have the scalp cleared',
    ],
    'strong-protein-apart' => [
        'says' => 'Strong protein is kept at least :days days apart.',
        'frees' => 'set the treatment by hand, where a licensed stylist decides it',
    ],
    'strong-protein-not-when-high' => [
        'says' => 'No strong protein while protein is too high with more than :percent % probability.',
        'frees' => 'test the hair again; a test may show that protein is not high',
    ],
    'strong-protein-then-mask' => [
        'says' => 'Strong protein is followed the same day by a protein-free mask; the pair is one treatment.',
        'frees' => 'make time for the mask of the same day',
    ],
    'style-stays-up' => [
        'says' => 'While a protective style is worn, hair is washed in it: no detangling, no mask and no protein until it comes down.',
        'frees' => 'take the style down earlier',
    ],
    'styling-on-the-day' => [
        'says' => 'Hair is styled on the day after only where the wash day is too short for it, and the next has the time, or the wash is too long even so.',
        'frees' => 'style it on the day itself',
    ],
    'two-passes' => [
        'says' => 'Two passes of a cleanse are enough; a third only by hand, after a look for stripping.',
        'frees' => 'set the third pass by hand',
    ],
    'wish-is-kept' => [
        'says' => 'What the client wished to leave out of these days stays out.',
        'frees' => 'remove that change from the plan',
    ],
    'within-minutes' => [
        'says' => 'A wash day takes no longer than the client has time for.',
        'frees' => 'allow the day more minutes',
    ],
];
