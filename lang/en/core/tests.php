<?php

declare(strict_types=1);

/* What the hair tests ask for, and what to type where something cannot be taken. */

return [
    'air' => ['celsius' => 'Temperature', 'humidity-percent' => 'Relative humidity'],
    'broken-hairs' => [
        'shed' => 'Shed, with a bulb', 'broken' => 'Broken, short without a bulb',
        'days-since-detangled' => 'Days since last detangled',
    ],
    'build-up-signs' => [
        'dull' => 'Dull', 'beads' => 'Water beads', 'film' => 'White film', 'sticky' => 'Sticky when dry',
        'no-lather' => 'Roots will not lather',
    ],
    'comb-count' => ['hairs' => 'Hairs in 60 seconds'],
    'combing-force' => ['newton' => 'Highest force on the comb'],
    'curl' => ['ring-mm' => 'Ring diameter', 'curled-mm' => 'Curled length', 'stretched-mm' => 'Stretched length'],
    'curl-memory' => ['points' => 'Spring-back'],
    'density' => [
        'tie-mm' => 'Circumference of the tie', 'parting' => 'Scalp at the parting: 0 wide, 1 a line, 2 hardly seen',
    ],
    'detangling' => [
        'minutes' => 'Over all sections', 'sections' => 'How many sections', 'knots-cut' => 'Knots that had to be cut',
        'seconds' => 'Section',
    ],
    'detangling-ease' => ['points' => 'Ease of detangling'],
    'drying' => ['minutes' => 'Stays wet'],
    'dryness' => ['points' => 'Dryness'],
    'ends' => ['splits' => 'Split ends', 'knots' => 'Knots'],
    'feel' => ['points' => 'Feel'],
    'hardness' => ['mg-per-l' => 'Hardness'],
    'lather' => ['points' => 'Lather of the first shampoo'],
    'length' => ['length-mm' => 'Stretched length'],
    'moisture-meter' => ['percent' => 'Water in the hair', 'humidity-percent' => 'Relative humidity in the room'],
    'pull' => ['hairs' => 'Hairs held', 'came' => 'Came out'],
    'scalp-at-home' => ['itch' => 'Itch', 'oil' => 'Oil', 'soreness' => 'Soreness', 'dryness' => 'Tight or dry'],
    'scalp' => [
        'flakes-edges' => 'Flakes, edges', 'flakes-front' => 'Flakes, front', 'flakes-left' => 'Flakes, left',
        'flakes-right' => 'Flakes, right', 'flakes-crown' => 'Flakes, crown', 'flakes-centre' => 'Flakes, centre',
        'flakes-back' => 'Flakes, back', 'flakes-nape' => 'Flakes, nape', 'itch' => 'Itch', 'oil' => 'Oil',
        'redness' => 'Redness', 'soreness' => 'Soreness', 'dryness' => 'Tight or dry',
    ],
    'shed-ball' => [
        'mass-g' => 'Mass of the ball, dry', 'length-mm' => 'Mean length of its hairs', 'diameter-um' => 'Strand diameter',
        'days-since-detangled' => 'Days since last detangled',
    ],
    'squish' => ['points' => 'Squelch'],
    'strand-diameter' => ['micrometres' => 'Diameter'],
    'stripped' => ['points' => 'Stripped'],
    'style-life' => ['days' => 'Days the style was good', 'refreshes' => 'Refreshes it needed'],
    'result' => [
        'definition' => 'Definition', 'frizz' => 'Frizz', 'clumping' => 'Clumping', 'softness' => 'Softness',
        'shine' => 'Shine', 'volume' => 'Volume',
    ],
    'taper' => ['root-mm' => 'Circumference at the root', 'tip-mm' => 'Circumference at the tip'],
    'water-in-hair' => ['dry-g' => 'The section dry', 'wet-g' => 'The section wet, squeezed'],
    'wet-stretch' => [
        'rest-mm' => 'Rest length', 'stretched-mm' => 'Stretched length', 'returned-mm' => 'Returned length',
    ],
    'wet-through' => ['minutes' => 'Until the whole head is wet through'],
    'wetting' => ['seconds' => 'Time to wet through', 'soak' => 'Drops on it', 'slide' => 'Fingers, tip to root'],
    'tools' => ['fingers' => 'fingers', 'comb' => 'comb', 'brush' => 'brush'],
    'units' => [
        'after' => ' :unit', 'of-2' => 'of 2', 'of-10' => 'of 10', 'hairs' => 'hairs', 'minutes' => 'minutes',
        'days' => 'days', 'times' => 'times', 'a-section' => 'a section', 'stiff-to-mushy' => '(stiff to mushy)',
        'of-dry-weight' => '% of dry weight',
    ],
    'problems' => [
        'range' => ':label: type :least to :most:unit.',
        'number' => ':label: type a number, :least to :most:unit.',
        'whole-number' => ':label: type a whole number, :least to :most:unit.',
        'not-asked' => 'This test does not ask for that; leave it out.',
        'unknown-test' => 'Test: choose one of :tests.',
        'moment' => 'Moment: :test is taken at one of :moments.',
        'hairs' => 'Hairs: measure 1 to 5 hairs; 3 to 5 are best.',
        'each-hair' => 'Give each hair its rest and stretched length in mm, and its returned length or that it snapped.',
        'shorter' => 'Stretched length: a hair does not get shorter when it is stretched; type :least mm or more.',
        'too-long' => 'Stretched length: hair breaks long before it is two and a half times as long; type :most mm or less.',
        'returned' => 'Returned length: type :least mm (all the way back) to :most mm (not at all).',
        'wet-lighter-than-dry' => 'The section wet: wet hair is no lighter than dry; type :least g or more.',
        'more-than-held' => 'Came out: no more hairs come out than were held; type :most or fewer.',
        'curled-longer' => 'Curled length: hair is no longer curled than stretched; type :most mm or less.',
        'sections' => 'Sections: time 1 to :most of them.',
        'tool' => 'Tool: choose fingers, comb or brush.',
        'taps-on-one-another' => 'Two taps lie on one another; tap further apart.',
        'taps-in-a-line' => 'The three taps lie on a straight line; spread them round the ring.',
    ],
    'questions' => [
        'unlikely' => ':label: :value:unit is possible, yet far from the usual :least to :most. Correct it, or save it again if it is right.',
        'stretch' => 'Stretched length: a stretch of :percent % is possible, yet far from the usual 20 to :most. Correct it, or save it again if it is right.',
    ],
];
