<?php

declare(strict_types=1);

/* Donde la lista de ingredientes dice otra cosa que la etiqueta. */

return [
    'protein-free' => 'Lleva proteína: :names.',
    'silicone-free' => 'Lleva siliconas: :names.',
    'sulfate-free' => 'Lleva sulfatos: :names.',
    'fragrance-free' => 'Está perfumado: :names.',
    'alcohol-free' => 'Lleva alcohol que reseca: :names. Los alcoholes grasos son otra cosa.',
    'paraben-free' => 'Lleva parabenos: :names.',
    'for-high-porosity' => 'Nada en él sella: con porosidad alta el agua se pierde enseguida.',
    'for-low-porosity' => 'Es pesado para un pelo que absorbe poco: :names.',
    'moisturising' => 'Apenas lleva humectantes ni acondicionadores.',
    'strengthening' => 'No lleva proteína.',
    'clarifying' => 'Sus tensioactivos son suaves y nada en él quela.',
    'gentle' => 'Sus tensioactivos son fuertes: :names.',
];
