<?php

declare(strict_types=1);

/* The units of the signs a hair gives. */

return [
    'units' => [
        'of-rest-length' => '% of rest length', 'of-stretch' => '% of stretch',
        'feel' => 'points from −5 (stiff) to 5 (mushy)', 'hairs' => 'hairs', 'ends' => 'splits and knots a section',
        'of-the-root' => '% of the thickness at the root', 'days' => 'days', 'seconds' => 'seconds', 'of-2' => 'of 2',
        'minutes' => 'minutes', 'micrometres' => 'µm', 'millimetres' => 'mm', 'percent' => '%', 'of-80' => 'points of 80',
        'minutes-a-section' => 'minutes a section', 'knots' => 'knots', 'of-dry-weight' => '% of dry weight',
        'newton' => 'N', 'hardness' => 'mg/L CaCO₃', 'celsius' => '°C', 'of-10' => 'points of 10',
    ],
];
