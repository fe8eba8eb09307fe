<?php

declare(strict_types=1);

/** Todo lo que se guarda de un cliente, para entregarlo. */
return [
    'title' => 'Todo lo que se guarda de :name',
    'lead' => ':salon, :day. Todo lo que hay escrito aquí de ti; pide que se corrija lo que no sea así, o que se borre todo.',
    'end' => 'Las fotos están en el archivo que va con este. Lo calculado a partir de resultados es una estimación, no un consejo médico.',
    'pdf' => 'Para leer (.pdf)', 'json' => 'Para programas (.json)',
    'hand-over' => 'Entregar todo lo que se guarda de :name',
    'parts' => [
        'who' => 'Quién', 'hair' => 'Pelo', 'method' => 'Cómo se hace', 'health' => 'Salud, según lo contado', 'consents' => 'Aceptado', 'reactions' => 'Reacciones',
        'signs' => 'Señales anotadas', 'bookings' => 'Citas', 'washes' => 'Días de lavado', 'results' => 'Resultados de pruebas',
        'standing' => 'Lo que dicen los resultados', 'plan' => 'Previsto', 'programmes' => 'Programas', 'styles' => 'Peinados', 'home' => 'Enviado desde casa', 'products' => 'Tus productos',
        'pictures' => 'Fotos', 'messages' => 'Mensajes enviados',
    ],
    'columns' => [
        'day' => 'Día', 'until' => 'Hasta', 'what' => 'Qué', 'of' => 'De', 'by' => 'Por', 'seen' => 'Lo que se vio', 'cleared' => 'Descartada',
        'time' => 'Hora', 'service' => 'Servicio', 'status' => 'Cómo fue', 'price' => 'Precio', 'note' => 'Nota', 'where' => 'Dónde',
        'steps' => 'Pasos', 'moment' => 'Cuándo', 'zone' => 'Zona', 'sign' => 'Señal', 'value' => 'Valor', 'why' => 'Por qué',
        'name' => 'Nombre', 'kind' => 'Clase', 'agreed' => 'Lo aceptó', 'to' => 'A', 'text' => 'Texto',
    ],
    'agreed' => 'Aceptó esta ficha', 'overloaded' => 'Tuvo demasiada proteína', 'zone' => 'porosidad :porosity, hebra :strand',
];
