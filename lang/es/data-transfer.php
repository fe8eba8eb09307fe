<?php

declare(strict_types=1);

// Lo que se dice de los archivos que entran.
return [
    'about' => <<<'TEXT'
        Qué hay aquí dentro
        records/      una ficha de cuidados (JSON) por cabeza; care-record.schema.json dice su forma
        clients.vcf   quiénes son y cómo se les localiza (vCard 4)
        heads.csv, readings.csv, bookings.csv, shelf.csv   lo mismo en tablas (CSV, UTF-8, fechas como 2027-01-31, en UTC)
        salon/        de todo un salón: cada fila y cada foto, con las que nagomi:restore-salon lo hace otra vez (manifest.json
                      da la lista de archivos con sus huellas). Las notas privadas van sin cifrar: guárdalo bien.
        history.pdf, history.json   todo lo que se guarda de un cliente, para leer y para programas; solo en su paquete
        pictures/     solo en el paquete de un cliente

        TEXT,
    'file' => 'el archivo', 'holds' => ':washes días de lavado, :readings pruebas', 'calendar-of' => 'Días de lavado de :name',
    'calendar' => 'Días de lavado', 'calendar-day' => 'Día de lavado, unos :minutes minutos',
    'erase' => [
        'title' => 'Exportar o borrar este cliente', 'lead' => 'Todo lo de :name, para llevárselo el cliente o tú; borrado, no se puede recuperar.', 'all' => 'Todo lo de este cliente (.zip)',
        'rows-label' => 'Filas guardadas en cada sitio', 'kept-in' => 'Guardado en', 'rows' => 'filas', 'files' => 'archivos de imagen', 'name' => 'Escribe el nombre entero', 'do' => 'Borrar el cliente y todo lo suyo',
    ],
    // What is kept of a client, by table.
    'tables' => [
        'consents' => 'lo que se aceptó', 'consent_wordings' => 'textos de consentimientos',
        'heads' => 'el cliente',
        'activity_log' => 'quién cambió qué',
        'wash_days' => 'días de lavado',
        'wash_steps' => 'pasos de los días de lavado',
        'wash_sessions' => 'lavados en el sillón',
        'wash_session_acts' => 'toques en el sillón',
        'home_links' => 'enlaces a la rutina en casa',
        'home_acts' => 'hecho en casa',
        'reactions' => 'reacciones a productos',
        'calendar_feeds' => 'calendarios',
        'outlooks' => 'miradas adelante',
        'plan_edits' => 'cambios del plan',
        'plan_items' => 'días de lavado previstos',
        'pace_days' => 'tiempos de secado y días que duró un peinado',
        'outbox_messages' => 'mensajes',
        'zone_parts' => 'partes de una zona',
        'zones_before' => 'zonas antes de un cambio',
        'clearances' => 'señales que impedían tratamientos',
        'styles' => 'peinados',
        'waits' => 'esperas de sitio',
        'pictures' => 'fotos',
        'programmes' => 'programas',
        'reminders' => 'recordatorios',
        'visits' => 'visitas',
        'visit_statements' => 'resúmenes de visitas',
        'readings' => 'resultados de pruebas',
        'test_drafts' => 'pruebas empezadas',
        'head_snapshots' => 'el pelo día a día',
        'balance_days' => 'días en equilibrio',
        'plan_foretold' => 'lo que predijeron los planes',
        'bookings' => 'citas',
        'products' => 'productos en casa',
        'stock_moves' => 'cambios de existencias',
        'trials' => 'ensayos',
        'promises' => 'fechas acordadas',
    ],
    'erased' => [
        'title' => 'Prueba de borrado', 'nothing' => 'No queda nada', 'something' => 'Queda algo', 'lead' => 'El :when se borró un cliente; lo hizo :by. Aquí tampoco se guarda el nombre.',
        'what' => 'Qué se borró', 'before' => 'filas antes', 'after' => 'contadas otra vez después', 'backups' => 'Las copias de seguridad del servidor quedan fuera de esta página; docs/deploying.md dice cuánto se guardan.',
    ],
    'record' => [
        'title' => 'Importar una ficha', 'lead' => 'Toda la historia de un cliente de otro salón, en un archivo .json. Se importa entera o nada.', 'file' => 'Ficha de cuidados',
        'with' => 'Qué viene con él',
        'parts' => [
            'Datos: zonas, porosidad, hebra, agua, ritmo, método, alergias y lo que se apuntó.',
            'Cada prueba de pelo como se midió, con su día y su zona.',
            'Cada día de lavado, con pasos, minutos y productos.',
            'Plan: días fuera, deseos, lo acordado, días fijados a mano.',
            'Señales que impidieron tratamientos, y quién las dio por buenas.',
        ],
        'not' => 'Las fotos y las reservas no: se quedan en el salón que las tiene.',
        'several' => 'Varios clientes, o un salón entero, de una vez',
        'copy' => 'como segunda copia, si este cliente ya está aquí', 'do' => 'Importar',
    ],
    'no-name' => 'No hay nombre.',
    'long-name' => 'El nombre pasa de :most letras; acórtalo.',
    'no-mail' => '«:mail» no es una dirección de correo.',
    'long-phone' => 'El teléfono pasa de :most letras; acórtalo.',
    'no-card' => 'La tarjeta :card está cortada o dañada, y lo que la sigue no se puede leer. Vuelve a exportar los contactos, o quita esa tarjeta del archivo.',
    'no-kind' => 'Este archivo no se puede leer. Sí se pueden: una ficha de cuidados (.json), un salón (.zip), contactos (.vcf), o una tabla (.csv, .xlsx, .ods) de clientes, citas o tratamientos.',
    'no-lines' => 'La tabla tiene cabecera y ninguna línea debajo.',
    'card' => ':file, tarjeta :place',
    'line' => ':file, línea :place',
    'only-a-name' => 'un nombre',
    'shelf' => [
        'header' => 'Línea 1: empieza con una cabecera que nombre sus columnas; name y kind tienen que estar entre :columns.',
        'twice' => 'Línea 1: la columna :column está dos veces; deja una.',
        'name' => 'da un nombre de hasta 120 letras.',
        'kind' => 'da una clase, una de :kinds.',
        'number' => 'da :column de 0 a :most, o déjalo vacío.',
        'whole' => 'da :column como número entero, o déjalo vacío.',
        'barcode' => 'da un código de barras de 4 a 32 letras y cifras, o déjalo vacío.',
        'batch' => 'da un lote de hasta 40 letras.',
        'claims' => 'da promesas de :claims, con espacios entre ellas.',
        'day' => 'da :column como un día que exista, por ejemplo 2026-02-28.',
        'line' => 'Línea :line: :problem',
        'empty' => 'El archivo no tiene ningún producto.',
    ],
];
