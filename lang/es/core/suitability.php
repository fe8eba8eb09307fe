<?php

declare(strict_types=1);

/* Si un producto va bien a un pelo: todas las razones a favor y en contra. */

return [
    'allergy' => 'Está en la lista de alergias: :name.',
    'sore-essential-oils' => 'No sobre un cuero cabelludo dolorido: :names.',
    'sore-too-strong' => 'Demasiado fuerte para un cuero cabelludo dolorido.',
    'child-essential-oils' => 'Nunca aceites esenciales con menos de doce años: :names.',
    'careful-essential-oils' => 'Aceites esenciales con niños, en el embarazo o con asma: pregunta antes a un profesional sanitario (:names).',
    'patch-test' => 'Prueba de contacto 48 h antes del primer uso: :names.',
    'not-all-known' => 'No se conocen todos los ingredientes, así que no se pueden descartar alergias: :names.',
    'allergy-not-known' => 'En alergias pone «:names», y aquí no se conoce ningún ingrediente con ese nombre: búscalo en la etiqueta.',
    'mostly-unknown' => 'No se conoce casi nada de lo que lleva.',
    'protein-not-known' => 'Sensible a la proteína, y no se conoce lo que podría serlo: :names.',
    'protein-sensitive' => [
        'mild' => 'Sensible a la proteína; la suya es suave: :names.',
        'mild-to-strong' => 'Sensible a la proteína; la suya va de suave a fuerte: :names.',
        'strong' => 'Sensible a la proteína; la suya es fuerte: :names.',
    ],
    'protein-avoided' => 'El método evita la proteína salvo si está en el plan: :names.',
    'no-oils' => 'El método es sin aceites ni mantecas.',
    'films' => [
        'shampoo' => 'Su película solo sale con champú: :names.',
        'clarifying' => 'Su película solo sale con un lavado profundo: :names.',
    ],
    'drying-alcohol' => 'Lleva alcohol que reseca y se queda puesto: :names.',
    'chelates' => 'Quela, como pide un agua de :hardness mg/L: :names.',
    'on' => ' en :stratum',
    'heavy' => 'Pesado:where, que absorbe poco y se recubre.',
    'light-enough' => 'Bastante ligero:where de porosidad baja.',
    'seals' => 'Sella:where de porosidad alta.',
    'seals-not' => 'Nada en él sella:where de porosidad alta; sella después.',
    'weighs-down' => 'Aplasta el pelo fino:where.',
    'strong-surfactants' => 'Tensioactivos fuertes sobre pelo poroso:where; solo en el cuero cabelludo, y acondiciona después.',
    'dry-air' => 'Aire seco, punto de rocío :celsius °C: los humectantes sacan agua del pelo; sella encima (:names).',
    'sticky-air' => 'Aire pegajoso, punto de rocío :celsius °C: los humectantes hinchan y encrespan el pelo; usa poco (:names).',
];
