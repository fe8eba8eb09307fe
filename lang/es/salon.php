<?php

declare(strict_types=1);

// El salón: lo que hace si un cliente no difiere, su aire y su agua, sus datos.
return [
    'title' => 'Salón', 'lead' => 'Lo que hace :salon si un cliente no difiere. En cada una de estas cosas hay desacuerdo en el oficio; ninguna respuesta es la mejor.',
    'name' => 'Nombre', 'zone' => 'Zona horaria', 'hardness' => 'Dureza del agua', 'currency' => 'Moneda', 'humidity' => 'Humedad habitual', 'weather' => 'Tiempo',
    'air' => 'Aire', 'air-how' => 'El aire seco saca hidratación del pelo día a día. Una estación meteorológica da la variación del año alrededor de la humedad habitual de cada cliente. Las tres incluidas son inventadas; tu propio archivo toma su lugar: un año de horas en CSV, con la cabecera',
    'weather-file' => 'Nuestro archivo del tiempo', 'methods' => 'Métodos', 'save' => 'Guardar', 'back' => 'Salón',
    'hours' => [
        'title' => 'Horarios y servicios', 'lead' => 'Quién trabaja cuándo, y qué se puede reservar.', 'hours' => 'Horario', 'week' => 'Horario de la semana', 'stylist' => 'Estilista', 'chairs' => 'Sillas',
        'services' => 'Servicios', 'services-how' => 'Un día de lavado entero toma sus minutos de los pasos previstos para el cliente, a su ritmo; lo demás, del pasado del propio cliente, apoyado en estos mientras sea corto.',
        'service' => 'Servicio', 'minutes' => 'Minutos', 'price' => 'Precio', 'wash-day' => 'Un día de lavado entero', 'leave' => 'Ausencia', 'from-until' => 'de :from a :until', 'take-back' => 'Retirar',
        'who' => 'Quién', 'from' => 'Desde', 'until' => 'Hasta', 'why' => 'Por qué', 'note' => 'Guardar ausencia',
    ],
    'messages' => [
        'title' => 'Mensajes', 'lead' => 'Lo que sale a los clientes, lo que salió, y tu propio calendario.', 'to-go' => 'Por salir',
        'none-due' => 'No toca nada. A un cliente que quiere recordatorios (sus datos dicen cómo) se le recuerda un día antes de cada cita, y la mañana de un día de lavado en casa si tiene rutina.',
        'tried' => '{1} intentado una vez: :why Se intenta otra vez entonces.|[2,*] intentado :count veces: :why Se intenta otra vez entonces.', 'given-up' => '{1} abandonado tras un intento: :why Llama.|[2,*] abandonado tras :count intentos: :why Llama.',
        'went' => 'Salió', 'stand-in-how' => 'Los recoge un sustituto: nada sale de esta máquina hasta que se ponga un servicio de verdad (docs/deploying.md).', 'none' => 'Aún nada.',
        'fate' => ['delivered' => 'entregado', 'refused' => 'rechazado', 'hung' => 'sin respuesta'], 'to' => 'a :address',
        'calendar' => 'Mi calendario', 'calendar-how' => 'Suscríbete a esta dirección en tu programa de calendario. Quien la tenga ve tus citas.', 'calendar-address' => 'Dirección de mi calendario',
        'fetched' => 'Leído por última vez :when', 'not-fetched' => 'Aún sin leer', 'ends' => 'Vale hasta el :day; menos si nada lo lee durante :days días.', 'calendar-why' => 'Un enlace privado muestra tus citas en cualquier programa de calendario.',
        'new-address' => 'Una dirección nueva', 'make-address' => 'Hacer una dirección', 'withdraw' => 'Anular', 'quiet' => 'Cuándo no se escribe a nadie', 'quiet-from' => 'Silencio desde', 'quiet-until' => 'hasta',
        'stand-in' => 'El sustituto', 'stand-ins' => ['works' => 'entrega', 'refuses' => 'rechaza todo', 'hangs' => 'no responde'],
    ],
    'data' => [
        'title' => 'Importar y exportar', 'lead' => 'Lo que se escribe aquí es tuyo: llévatelo entero, tráelo de vuelta, o bórralo.', 'export' => 'Exportar',
        'export-how' => '{1} El único cliente como ficha de cuidados (JSON) y vCard; resultados, citas y productos en CSV.|[0,*] Los :count clientes como fichas de cuidados (JSON) y vCard; resultados, citas y productos en CSV. Un cliente solo: en su propia página. Con todo el salón se puede traer todo de vuelta en cualquier máquina; lleva notas privadas sin cifrar, guárdalo bien.',
        'whole' => 'Todo el salón (.zip)', 'clients' => 'Clientes (.vcf)', 'products' => 'Productos (.csv)', 'import' => 'Importar',
        'import-how' => 'El .zip de un salón, una o varias fichas de cuidados (.json), clientes de una agenda (.vcf), o clientes, citas o tratamientos pasados de una tabla (.csv, .xlsx, .ods). Antes de escribir nada ves lo que se encontró, y cada problema con su sitio; durante un día se puede deshacer.',
        'file' => 'Archivo', 'look' => 'Revisarlo', 'deleted' => 'Borrados, con prueba', 'nobody' => 'No se ha borrado a nadie. Un cliente se borra, con todos sus datos, desde su propia página.',
        'deletion' => ':rows filas y :pictures fotos, por :by: :left', 'nothing-left' => 'no queda nada', 'something-left' => 'queda algo',
        'found' => 'Lo que se encontró', 'found-lead' => ':name: se pueden importar :good de :all. Aún no se ha escrito nada.', 'where' => 'Dónde', 'who' => 'Quién', 'what' => 'Qué', 'here' => 'ya está aquí',
        'again' => '{1} Importar el que ya está aquí como segunda copia; si no, se deja fuera|[2,*] Importar los :count que ya están aquí como segunda copia; si no, se dejan fuera',
        'take' => 'Importar lo que se pueda', 'leave' => 'Dejarlo',
    ],
];
