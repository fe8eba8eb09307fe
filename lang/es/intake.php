<?php

declare(strict_types=1);

// Un cliente nuevo, una pregunta por tarjeta; y todos los datos de un cliente en una página.
return [
    'new' => 'Cliente nuevo', 'details' => 'Datos', 'details-of' => 'Datos de :name',
    'lead-new' => 'Nueve preguntas, unos dos minutos. Lo que aún no se sabe puede esperar.',
    'lead' => 'Lo que sigue igual de semana en semana. Lo que aún no se sabe puede esperar: se puede probar más tarde.',
    'left' => ':at de :all', 'all' => 'Todas las preguntas', 'one-by-one' => 'Una por una', 'back' => 'Atrás', 'next' => 'Siguiente',
    'save-new' => 'Guardar cliente', 'save' => 'Guardar', 'more' => 'Cuando haya tiempo',
    'questions' => [
        'name' => '¿Cómo se llama el cliente?', 'reach' => '¿Cómo se le localiza?', 'consent' => '¿Puedes llevar una ficha?',
        'curl' => '¿Qué ancho tiene el rizo?', 'strand' => '¿Cómo se nota un pelo?', 'density' => '¿Cuánto pelo hay?',
        'porosity' => '¿Cuánto tarda en mojarse?', 'length' => '¿Cuánto mide, estirado?', 'rhythm' => '¿Cada cuánto se lava?',
    ],
    'how' => [
        'reach' => 'Con uno basta, y puede esperar.',
        'consent' => 'Con menos de 18: la fecha de nacimiento, y quién consiente. Los adultos pueden dejar las dos vacías.',
        'curl' => 'Pon un rizo junto a los anillos y toca el que coincida.',
        'strand' => 'Haz rodar un pelo entre dos dedos: el fino apenas se nota, el grueso parece hilo.',
        'density' => 'Haz una raya: si es ancha hay poco, si apenas se ve hay mucho.',
        'porosity' => 'Con pelo limpio: baja deja gotas y se moja despacio, alta se moja enseguida. Zona por zona viene después.',
        'length' => 'De raíz a punta, bien estirado.',
        'rhythm' => 'Días de un lavado al siguiente.',
    ],
    'card' => [
        'fit' => 'Pon una tarjeta bancaria sobre la pantalla y mueve el control hasta que el marco sea tan ancho como la tarjeta. Entonces los anillos tienen su tamaño real.',
        'width' => 'Ancho del marco', 'frame' => 'tarjeta bancaria, 85.6 mm', 'ring' => ':mm mm', 'open' => 'Anillos a tamaño real',
        'rings' => 'Anillos con los que comparar un rizo',
    ],
    'who' => 'Quién', 'hair' => 'Pelo', 'water' => 'Agua, aire y ritmo', 'scalp' => 'Cuero cabelludo y salud', 'method' => 'Método',
    'notebook' => 'Lo que sabía la libreta', 'notebook-still' => 'Lo que la libreta aún sabe',
    'fields' => [
        'name' => 'Nombre', 'born_on' => 'Fecha de nacimiento', 'guardian_name' => 'Tutor', 'consent_by' => 'Consentimiento dado por', 'email' => 'Correo',
        'phone' => 'Teléfono', 'reminded_by' => 'Recordatorios', 'household' => 'Hogar',
        'consent' => 'El cliente (o quien tiene la tutela) acepta que se lleve esta ficha; las notas de salud son privadas.',
        'ring_mm' => 'Diámetro del rizo', 'bends_without_ring' => 'ondas sin cerrar el rizo', 'strand_um' => 'Pelo', 'strand' => 'Grosor al tacto',
        'density' => 'Densidad', 'length_cm' => 'Longitud, estirado', 'sections' => 'Secciones', 'porosity' => 'Porosidad de los largos',
        'zones_are' => 'Si abajo cambian zonas', 'zones_since' => 'Cambió el', 'length' => 'Largos', 'root' => 'Recién crecido',
        'treated' => 'teñido, decolorado o alisado', 'hair_history' => 'Historia del pelo', 'chemical_history' => 'Historia química', 'goals' => 'Metas',
        'hardness_mg_per_l' => 'Dureza del agua', 'humidity_percent' => 'Humedad habitual', 'styling_load' => 'Producto de peinado',
        'wash_every_days' => 'Día de lavado cada', 'minutes_limit' => 'Día de lavado más largo', 'swims' => 'Nada (piscina o mar)', 'protein_sensitive' => 'Sensible a la proteína',
        'sore_scalp' => 'Cuero cabelludo dolorido o sensible: sin calor, sin limpieza fuerte', 'tender_edges' => 'Contorno sensible o bultos',
        'red_sign' => 'Piel abierta o que supura, caída repentina o por zonas, dolor: antes, profesional sanitario', 'asthma_or_pregnant' => 'Asma, embarazo o parto reciente',
        'allergies' => 'Alergias', 'health_notes' => 'Notas de salud', 'what' => 'Qué', 'when' => 'Cuándo', 'millimetres' => 'Cortado', 'approximate' => 'más o menos',
    ],
    'help' => [
        'guardian_name' => 'para un cliente de menos de 18', 'household' => 'igual para todos los que vienen juntos', 'ring_mm' => 'un lápiz mide 7 mm; vacío: sin medir',
        'strand_um' => 'si se midió; o elige al tacto', 'length_cm' => 'vacío: sin medir', 'zones_since' => 'color que creció, puntas cortadas, otro hallazgo',
        'hardness_mg_per_l' => '1 grano/gal EE. UU. son 17.1 mg/L; vacío: sin medir', 'minutes_limit' => 'vacío: sin límite, en un niño lo habitual; :by-weekday', 'millimetres' => 'solo cortes de puntas',
    ],
    'reminders' => ['nobody' => 'ninguno', 'mail' => 'por correo', 'text' => 'por mensaje'],
    'consent-kept' => 'Consentimiento para llevar esta ficha: :day.', 'consent-kept-by' => 'Consentimiento para llevar esta ficha: :day, :by.',
    'porosity-title' => 'Porosidad por zonas',
    'porosity-how' => 'Con pelo limpio: baja tarda en mojarse y deja gotas, alta se moja enseguida y seca rápido. Lo recién crecido solo donde difiera de los largos.',
    'zones-are' => ['corrected' => 'siempre fue así: corregir lo escrito', 'changed' => 'el pelo ha cambiado: guardar cómo era hasta este día'],
    'set-all' => 'Poner todos los largos:', 'same' => 'igual', 'days' => 'días', 'days-of' => ':days días', 'minutes' => 'minutos',
    'scalp-how' => 'Privado, se guarda cifrado. No es consejo médico: lo dolorido, repentino o por zonas es para un profesional sanitario.',
    'method-how' => 'Según el salón; ábrelo para cambiar una pregunta con este cliente',
    'notebook-how' => 'Lo último de cada cosa, hasta donde se sabe; una fecha aproximada cuenta con más duda. Las filas vacías no cuentan.',
];
