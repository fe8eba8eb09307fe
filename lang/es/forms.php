<?php

declare(strict_types=1);

// Lo que dicen los formularios cuando dos personas los rellenan a la vez.
return [
    'changed' => ':label: alguien lo cambió entretanto a :now. Lo tuyo sigue aquí; guarda otra vez para ponerlo en su lugar.',
    'corrected' => ':by corrigió esta visita entretanto. Mírala en otra pestaña; lo que escribiste sigue aquí, y al guardar otra vez queda en su lugar.',
    'empty' => 'vacío',
    'born-help' => 'con menores, nada caliente y nada fuerte',
    'label-minutes' => [
        'label' => 'Tiempo máximo, según su etiqueta',
        'help' => 'las mascarillas y la proteína no se planean más largas; vacío: no lo dice',
        'wrong' => 'Tiempo máximo: escribe de 1 a 720 minutos, como dice la etiqueta, o déjalo vacío.',
    ],
    'style-day' => [
        'label' => 'El peinado está mejor el día',
        'help' => 'para un día señalado: 1 es el día de lavado; vacío: 2',
        'wrong' => 'El peinado está mejor el día: escribe de 1, el día de lavado, a 7, o déjalo vacío.',
    ],
    'sections' => [
        'help' => 'vacío: según longitud y densidad',
        'wrong' => 'Secciones: escribe de 1 a 12, o déjalo vacío.',
        'by-work' => 'vacío: dividido como arriba',
        'by-washing' => 'donde el champú va por secciones; vacío: dividido como arriba',
        'by-work-wrong' => ':label: escribe de 1 a :most, o déjalo vacío.',
    ],
    'told' => [
        'title' => 'Lo que se contó', 'overloaded' => 'Demasiada proteína una vez: la fuerte se pone solo a mano', 'goals' => 'Metas', 'hair_history' => 'Historia del pelo', 'chemical_history' => 'Historia química',
        'health_notes' => 'Notas de salud, privadas',
    ],
    'overloaded' => [
        'on' => 'Demasiada proteína el', 'help' => 'basta con aproximado; después la proteína fuerte se pone solo a mano',
        'by' => 'Demasiada proteína por', 'by-help' => 'qué fue, por ejemplo un kit en casa',
    ],
    'fields' => [
        'born_on' => 'Fecha de nacimiento', 'overloaded_on' => 'Demasiada proteína el', 'overloaded_by' => 'Demasiada proteína por', 'guardian_name' => 'Tutor', 'consent_by' => 'Consentimiento dado por', 'email' => 'Correo', 'reminded_by' => 'Recordatorios',
        'ring_mm' => 'Diámetro del rizo', 'strand_um' => 'Diámetro del pelo', 'strand' => 'Grosor al tacto', 'length_cm' => 'Longitud', 'washing_sections' => 'Secciones para lavar', 'detangling_sections' => 'Secciones para desenredar', 'styling_sections' => 'Secciones para peinar', 'hardness_mg_per_l' => 'Dureza del agua',
        'humidity_percent' => 'Humedad', 'wash_every_days' => 'Día de lavado cada', 'minutes_limit' => 'Día de lavado más largo', 'red_sign' => 'Antes, profesional sanitario',
        'home_minutes_limit' => 'Lo más largo en casa', 'salon_days' => 'Días en el salón', 'not_at_home' => 'Solo en el salón', 'size_ml' => 'Tamaño', 'pump_ml' => 'Dosificador', 'quiet_from' => 'Silencio desde', 'quiet_until' => 'Silencio hasta', 'outbox' => 'Sustituto',
    ],
];
