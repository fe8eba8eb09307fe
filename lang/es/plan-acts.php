<?php

declare(strict_types=1);

// Lo que se cambió a mano en un plan, y a qué lleva antes de soltarlo.
return [
    'moved' => 'movido del :from al :until',
    'swapped' => 'cambiado el :from con el :until',
    'masked' => 'mascarilla del :day: :then minutos en vez de :now',
    'left-out' => ':what del :day fuera',
    'treatments' => ['mask' => 'mascarilla', 'protein' => 'proteína', 'mild-protein' => 'proteína suave', 'strong-protein' => 'proteína fuerte', 'clarifying' => 'lavado profundo'],
    'occasion' => ':What, del :from al :until.', 'occasion-day' => ':What, el :from.',
    'preview' => [
        'over' => 'En estas semanas:',
        'days' => [
            'alike' => 'los mismos días fuera de equilibrio',
            'more' => '{1} :number día más fuera de equilibrio|[2,*] :number días más fuera de equilibrio',
            'fewer' => '{1} :number día menos fuera de equilibrio|[2,*] :number días menos fuera de equilibrio',
        ],
        'minutes' => [
            'alike' => 'los mismos minutos',
            'more' => '{1} :number minuto más|[2,*] :number minutos más',
            'fewer' => '{1} :number minuto menos|[2,*] :number minutos menos',
        ],
        'washes' => [
            'alike' => 'los mismos días de lavado',
            'more' => '{1} :number día de lavado más|[2,*] :number días de lavado más',
            'fewer' => '{1} :number día de lavado menos|[2,*] :number días de lavado menos',
        ],
        'breaks-none' => 'no rompe ninguna regla.',
        'breaks' => 'rompe: :rules',
    ],
    'promise' => [
        'gone' => ':what del :day ya no está previsto.',
        'moved' => ':what pasó del :from al :until.',
        'new' => ':what el :day es nuevo.',
    ],
];
