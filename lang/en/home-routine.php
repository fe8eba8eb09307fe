<?php

declare(strict_types=1);

// The home routine on a client's phone.
return [
    'insecure' => 'Keep this page open if you have no network at home: what you tick waits here, but the page cannot be opened again until you are back on one.',
    'style' => [
        'looks' => 'How your style looks',
        'did' => [
            'misted' => 'Misted it today',
            'refreshed' => 'Refreshed it today, with a little product',
            'retouched' => 'Coiled single curls anew today',
            'braided' => 'Loose braids last night',
            'covered' => 'Covered it last night',
            'gone' => 'It was last good today',
        ],
    ],
];
