<?php

declare(strict_types=1);

/* What the picture of the balance says: now, after today's wash, planned. */

return [
    'stands' => 'moisture :moisture (target :moisture_target), protein :protein (target :protein_target), build-up :build_up',
    'says' => [
        'was' => ':stands',
        'now' => 'Now: :stands',
        'after' => 'After today\'s wash, planned: :stands',
        'planned' => 'Planned: :stands',
    ],
    'one-part' => ':part: :stands',
    'label' => 'Balance river: moisture above the axis, protein below, :span. :verdict Arrow keys read each day.',
    'span' => [
        'both' => 'twelve weeks back until now, and twelve ahead as planned',
        'ahead' => ':name, twelve weeks ahead as planned',
    ],
    'read' => 'Point at a day, or use the arrow keys, to read it.',
    'words' => [
        'moisture' => 'moisture · the grey band is its comfort',
        'protein' => 'protein',
        'now' => 'now',
        'planned' => 'planned',
    ],
    'legend' => [
        'mask' => 'mask', 'protein' => 'protein', 'clarify' => 'clarifying', 'wash' => 'wash', 'readings' => 'readings',
        'now' => 'now', 'after' => 'after today\'s wash, if it is done as planned', 'planned' => 'pale: planned',
    ],
];
