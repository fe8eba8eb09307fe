<?php

declare(strict_types=1);

return [
    'title' => 'Scalp',
    'calm' => 'Calm: nothing is expected past what something is done about.',
    'sign' => ':sign :value :unit (80 %: :least to :most)',
    'zone' => ', most at the :zone.',
    'signs' => [
        'scalp-oil' => 'oil', 'scalp-flakes' => 'flakes', 'scalp-itch' => 'itch', 'scalp-dryness' => 'tight and dry',
        'scalp-redness' => 'redness', 'scalp-soreness' => 'soreness',
    ],
    'because' => [
        'scalp-oil' => 'it is too oily before then', 'scalp-flakes' => 'it flakes too much before then',
        'scalp-itch' => 'it itches before then', 'scalp-dryness' => 'it is tight and dry, and bears to wait',
    ],
    'sooner' => 'Wash every :days days instead of :own: :sign.',
    'later' => 'Wash every :days days instead of :own: :sign.',
    'sooner-kept' => 'The scalp asks for a wash every :days days, :sign; the plan keeps to every :own, as its terms say.',
    'later-kept' => 'The scalp would bear a wash every :days days, :sign; the plan keeps to every :own, as its terms say.',
    'care' => 'Scalp shampoo next on :date, for :for.',
    'for' => ['scalp-flakes' => 'the flakes', 'scalp-itch' => 'the itch'],
    'reason' => [
        'scalp-flakes' => 'Scalp shampoo: flakes are expected at :value of 80 that morning (80 %: :least to :most).',
        'scalp-itch' => 'Scalp shampoo: itch is expected at :value of 10 that morning (80 %: :least to :most), with flakes.',
    ],
    'oil-off' => 'No oil on the scalp this time: it flakes.',
    'picture' => 'Oil and flakes through the weeks ahead, each against its limit.',
    'key-flakes' => 'flakes', 'key-oil' => 'oil', 'key-limit' => 'from here on something is done',
    'read-on' => 'Read :date.',
    'not-read' => 'The scalp was not read lately, so it sets nothing.',
    'read-it' => 'Look at the scalp',
    'limit' => 'something is done from :limit',
    'keeps-rhythm' => 'Keep to every :days days, whatever the scalp asks for',
    'keeps-rhythm-wrong' => 'Keep to the days: tick it, or leave it.',
    'raised' => [
        'seen' => ':signs, read :date',
        'red' => 'Heavy flaking with redness was read: for a clinician first.',
        'sore' => 'A sore or red scalp was read: no heat, no strong cleansing.',
        'by-whom' => 'Read by :by, :date: :seen. Nobody has looked again yet.',
        'by-client' => 'Felt by the client, :date: :seen. Nobody has looked yet.',
        'confirm' => 'It is so',
        'withdraw' => 'It is not so',
        'because' => 'What it was instead',
        'confirmed' => 'Confirmed. It bars treatments until a named person has cleared it.',
        'withdrawn' => 'Withdrawn; the season is planned anew without that bar.',
        'gone' => 'Somebody else has seen to this sign already; this is how it stands now.',
        'because-wrong' => 'What it was instead: say it in 3 to 200 characters, such as a hat that rubbed.',
        'what-wrong' => 'Choose whether it is so or not.',
        'call' => 'The scalp was read as one for a clinician, or sore, and nobody has looked again: :seen.',
        'open' => 'A sore or red scalp is not cleared yet.',
    ],
];
