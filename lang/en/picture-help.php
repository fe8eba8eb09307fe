<?php

declare(strict_types=1);

// How each picture is read.
return [
    'title' => 'How to read this',
    'of' => [
        'hair-balance' => [
            'The band in the middle is what this hair likes. Higher is more, for moisture and for protein.',
            'Where the two lines part, the space between is tinted by the one that leads.',
            'The pale edge is doubt: eight times in ten the true value lies within it. It shrinks with each test.',
            'Left of now is what was done and tested, right of it what is planned. Tap a day to read it.',
        ],
        'hands' => [
            'A row is a stylist. Filled: hands are needed. Hollow: something sits or dries, and the hands are free.',
            'The line is now. A frame says the client is here.',
        ],
        'head' => [
            'The head from above: the nose is up, the nape is down, left is the client’s left.',
            'Lines across a zone say how porous its hair is; the words below say which lines mean what.',
        ],
        'head-tests' => [
            'The head from above: the nose is up, the nape is down, left is the client’s left.',
            'Tap a zone to write down what you found there. What was found last stands in it.',
        ],
        'stairs' => [
            'Each step is what moved the balance: days that passed, what was done, what a test corrected.',
            'Up is more, down is less. The steps from start to now add up to today’s value.',
            'The band is what this hair likes. A dashed step is a test that found it elsewhere than expected.',
        ],
        'results' => [
            'The band is where the result was expected, eight times in ten. The dot is what you found.',
            'A dot outside the band says the most: it moves the balance, or it was a slip of the hand.',
            'Beside it: how sure the balance was before these tests, and how sure it is now.',
        ],
        'shares' => [
            'A column is a week. The higher it stands, the more days hair was in balance, over all clients who were tested.',
            'Each day counts as it was known on that day, so last year and last week are told alike.',
        ],
        'scatter' => [
            'The mark is how far results lie from what was expected of them, beside what is usual; the bar is how sure that is.',
            'Every result scatters: hands, eyes and single hairs differ. What scatters twice as much tells a quarter as much.',
        ],
        'readers' => [
            'The line in the middle is how the whole salon scores a test. A mark to the right scores higher.',
            'Within the band anyone could stand by chance. A filled mark is a clear difference; it is corrected by itself.',
        ],
        'trends' => [
            'A line is one result over time, each dot a visit. The band is what is usual for this client.',
            'A red mark is a change that is more than chance. The signs below say what was done in between.',
        ],
        'wash-line' => [
            'The whole wash day from left to right. Filled: your hands are needed. Hollow: it sits or dries by itself.',
            'Two things above one another happen at the same time.',
        ],
        'strands' => [
            'The strand beside a name is that client’s hair: rings as wide as its curl, a line as thick as a strand, gaps in it where it is porous.',
            'It hangs slack with more moisture than it likes, rough with less; tight with more protein, uneven with less.',
            'A pale coat is build-up, red nicks are wear and breakage. Dots instead of a line: its porosity was not tested.',
        ],
        'bottles' => [
            'The bottle is as full as the one in use: what was bought, less what each wash took. A question mark: nobody counted it.',
            'Its shape says what it is for: a jar for masks and butters, a dropper for what goes on before or on the scalp, a tube for stylers, protein and rinses, a pump for all else.',
        ],
        'plan' => [
            'A ring is a wash day. What is in it is planned for that day: mask, protein, clarifying. Larger is longer.',
            'Below, what the plan comes to day by day: the band is what most of this hair likes, the pale edge is doubt.',
        ],
    ],
];
