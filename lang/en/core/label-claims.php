<?php

declare(strict_types=1);

/* Where the list of ingredients says otherwise than the label. */

return [
    'protein-free' => 'It contains protein: :names.',
    'silicone-free' => 'It contains silicones: :names.',
    'sulfate-free' => 'It contains sulfates: :names.',
    'fragrance-free' => 'It is scented: :names.',
    'alcohol-free' => 'It contains drying alcohol: :names. Fatty alcohols do not count.',
    'paraben-free' => 'It contains parabens: :names.',
    'for-high-porosity' => 'Nothing in it seals: high porosity loses its water again at once.',
    'for-low-porosity' => 'It is heavy for hair that absorbs little: :names.',
    'moisturising' => 'It contains almost no humectant or conditioner.',
    'strengthening' => 'It contains no protein.',
    'clarifying' => 'Its surfactants are mild and nothing in it chelates.',
    'gentle' => 'Its surfactants are strong: :names.',
];
