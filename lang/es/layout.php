<?php

declare(strict_types=1);

// Lo que está en todas las páginas: las del salón, las de un cliente, atajos, el buscador y el recorrido.
return [
    'on-this-page' => 'En esta página',
    'skip' => 'Saltar a la página',
    'rail' => ['today' => 'Hoy', 'clients' => 'Clientes', 'products' => 'Productos', 'reports' => 'Informes', 'salon' => 'Salón'],
    'to-salon' => 'Ir a :salon',
    'client' => [
        'trail' => 'Quién hizo qué', 'contact' => 'Contacto',
        'now' => 'Ahora', 'hair-tests' => 'Pruebas', 'wash' => 'Lavado', 'wash-days' => 'Días de lavado', 'plan' => 'Plan', 'home-routine' => 'Rutina en casa',
        'trends' => 'Tendencias', 'ledger' => 'Cómo llegamos aquí', 'more' => 'Más', 'edit' => 'Datos', 'pictures' => 'Fotos',
        'products' => 'Productos para este pelo', 'style' => 'Peinado', 'trials' => 'Ensayos', 'erase' => 'Llevarse o borrar',
    ],
    'sign-out' => 'Salir', 'undo' => 'Deshacer',
    'hand-over' => [
        'copy' => 'Copiar', 'copied' => 'Copiado.', 'by-hand' => 'Está seleccionado: cópialo con las teclas o el menú de este dispositivo.',
        'send' => 'Enviar', 'scan' => 'Mostrarlo a un teléfono',
    ],
    'errors' => [
        'nothing-saved' => 'Aún no se ha guardado nada.',
        'look' => '{1} Hay que mirar otra vez una cosa:|[2,*] Hay que mirar otra vez :count cosas:',
    ],
    'keys' => [
        'title' => 'Atajos', 'close' => 'Cerrar', 'find' => 'Buscar un cliente, producto, pantalla o acción; también :keys', 'search' => 'Buscar clientes', 'new' => 'Cliente nuevo, en Clientes',
        'client' => 'Ahora, Pruebas, Lavado, Días de lavado, Plan, Rutina en casa, Tendencias, Cómo llegamos aquí del cliente abierto',
        'plan' => 'En el plan: y si; límites', 'balance' => 'En el equilibrio: un día atrás, un día adelante; con :shift una semana', 'sheet' => 'Esta hoja; :escape la cierra',
        'off' => 'Atajos de una letra en este aparato', 'tour' => 'Ver otra vez el recorrido',
    ],
    'find' => [
        'open' => 'Buscar', 'title' => 'Buscar un cliente, producto, pantalla o acción', 'label' => 'Cualquier parte de un nombre o número', 'none' => 'Nada se llama así. Escribe otra parte del nombre.',
        'away' => 'Ahora no se puede preguntar al salón: solo se busca en esta página.', 'client' => 'Cliente', 'product' => 'Producto', 'place' => 'Ir a', 'here' => 'En esta página',
        'places' => [
            'today' => 'Hoy', 'clients' => 'Clientes', 'products' => 'Productos', 'reports' => 'Informes', 'team' => 'Equipo', 'salon' => 'Salón', 'hours' => 'Horarios y servicios',
            'messages' => 'Mensajes', 'people' => 'Personas', 'data' => 'Importar y exportar', 'connections' => 'Conexiones', 'consent' => 'Consentimiento', 'learned' => 'Lo que hemos aprendido', 'trail' => 'Quién hizo qué', 'plans' => 'Comparar planes', 'practice' => 'Práctica', 'new-client' => 'Cliente nuevo', 'book' => 'Dar cita',
            'new-product' => 'Añadir un producto', 'mix' => 'Hacer una mezcla', 'day-end' => 'Fin del día',
        ],
    ],
    'tour' => [
        'title' => 'Un vistazo', 'next' => 'Siguiente', 'back' => 'Atrás', 'end' => 'Hecho', 'skip' => 'Saltar', 'count' => ':at de :all',
        'cards' => [
            ['Hoy', 'Quién es el siguiente y qué necesita. Cada uno tiene una fila; las barras de abajo muestran qué manos están libres.'],
            ['Ahora', 'La primera página de un cliente: qué hacer con este pelo, por qué, y qué no. Un botón sigue desde ahí.'],
            ['Pruebas', 'Una prueba por tarjeta, unos seis minutos. Mientras escribes, el equilibrio se mueve y dice lo seguro que está.'],
            ['Lavado', 'Un paso llena la pantalla, para manos mojadas: Hecho, Deshacer, Pausa, Cambiar. Lo que tocas se guarda sin red.'],
            ['Plan y casa', 'El plan se mueve con cada prueba. Pregúntale «y si», y da al cliente la rutina en casa con un enlace.'],
        ],
    ],
];
