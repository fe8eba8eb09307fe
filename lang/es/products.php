<?php

declare(strict_types=1);

// Los productos de un salón: qué llevan, para quién, cuánto queda.
return [
    'title' => 'Productos', 'lead' => 'Qué lleva, cuánto queda, y quién no debe usarlo.',
    'add' => 'Añadir un producto', 'mix' => 'Hacer una mezcla', 'book' => 'Libro de ingredientes',
    'none' => 'Aquí aún no hay nada. Pega los ingredientes de un envase y Nagomi lee lo que es de verdad.',
    'order' => 'Por pedir:', 'short' => 'queda poco', 'recalled' => 'retirado', 'past' => 'pasado de fecha desde el :day',
    'bottle' => ['full' => 'el envase en uso está al :percent %', 'unknown' => 'nadie ha contado lo que queda'],
    'left' => 'quedan :ml mL', 'uncounted' => 'aún sin contar', 'days' => '{1} dura más o menos un día|[2,*] dura unos :count días',
    'more' => '{1} y un envase lleno|[2,*] y :count envases llenos',
    'table' => [
        'title' => 'Importar y exportar como tabla (CSV)', 'file' => 'Archivo CSV', 'take' => 'Importar', 'all' => 'Todos los productos (.csv)',
    ],
    'one' => [
        'change' => 'Editar', 'batch' => 'lote :batch', 'barcode' => 'código :barcode',
        'recalled' => 'Retirado el :day:', 'past' => 'Pasado de fecha desde el :day: no lo uses.',
        'label' => 'La etiqueta no coincide con los ingredientes.', 'against' => 'No es para', 'against-whom' => ':name: :why',
        'unread' => 'Aún sin lista.', 'paste' => 'Pega sus ingredientes', 'and-read' => 'y aquí se lee.',
        'used-as' => 'Se usa para: :step.', 'stays' => 'Se queda en el pelo hasta el próximo lavado.',
        'left' => 'Cuánto queda', 'bottles-of' => 'de envases de :ml mL', 'pace' => '{1} más o menos un día al ritmo de las últimas semanas|[2,*] unos :count días al ritmo de las últimas semanas', 'good' => 'bueno hasta el :day',
        'measured' => 'Medido', 'how-much' => 'Cuánto', 'update' => 'Actualizar existencias',
        'ways' => ['left-ml' => 'mL que quedan', 'left-g' => 'gramos que quedan, sin el envase', 'level' => '% lleno', 'bought' => 'mL comprados'],
        'changes' => 'Todos los cambios', 'moves' => ['counted' => 'contado', 'bought' => 'comprado', 'used' => 'usado'], 'change-line' => ':day: :kind :ml mL, quedan :left mL, :by',
        'recall' => 'Retirarlo', 'why' => 'Por qué', 'do-recall' => 'Retirar', 'release' => 'Ya no está retirado',
        'remove' => 'Quitar este producto', 'remove-why' => 'Desaparece con sus recuentos; las reacciones se quedan.', 'do-remove' => 'Quitar',
        'really' => 'Qué lleva', 'surfactants' => 'Tensioactivos', 'protein' => 'proteína', 'films' => 'su película sale con', 'no-films' => 'no deja película',
        'off' => ['gentle' => 'una limpieza suave', 'shampoo' => 'un champú', 'clarifying' => 'un lavado profundo', 'water' => 'agua'],
        'slip' => 'deslizamiento', 'hold' => 'fijación', 'weight' => 'peso', 'from-to' => 'de :from a :to',
        'levels' => [
            'slip' => ['low' => 'bajo', 'medium' => 'medio', 'high' => 'alto'],
            'hold' => ['low' => 'baja', 'medium' => 'media', 'high' => 'alta'], 'weight' => ['low' => 'bajo', 'medium' => 'medio', 'high' => 'alto'],
        ],
        'unknown-part' => '{1} No se conoce uno de sus :all ingredientes; lo que hace no cuenta.|[2,*] No se conocen :count de sus :all ingredientes; lo que hacen no cuenta.',
        'mostly-unknown' => 'No se conoce casi nada de lo que lleva: :count de :all ingredientes. Por eso no se dice qué hace, el equilibrio lo toma por un producto habitual de su clase (:kind) y ningún lavado lo recibe por sí solo. Añade abajo lo que sepas, o escribe la lista con los nombres internacionales (INCI).',
        'may-contain' => 'puede contener', 'active' => 'activo', 'not-known' => 'no se conoce', 'slip-of-pen' => '(¿un error de escritura?)',
        'ingredients' => 'Ingredientes explicados', 'printed' => 'Impreso', 'read' => 'Leído como', 'does' => 'Hace', 'share' => 'Parte',
        'teach' => [
            'title' => 'Añadir un ingrediente', 'name' => 'Ingrediente', 'also' => 'También se llama', 'function' => 'Qué hace', 'choose' => 'elige',
            'strength' => 'Fuerza, o con qué sale', 'unsaid' => 'sin decir', 'do' => 'Añadirlo',
            'strengths' => [
                'mild' => 'suave', 'medium' => 'media', 'strong' => 'fuerte', 'water' => 'sale con agua', 'gentle' => 'sale con una limpieza suave',
                'shampoo' => 'sale con champú', 'clarifying' => 'sale con uno profundo',
            ],
        ],
    ],
    'strengths' => [
        'surfactants' => ['none' => 'ninguno', 'mild' => 'suaves', 'medium' => 'medios', 'strong' => 'fuertes'],
        'protein' => ['none' => 'ninguna', 'mild' => 'suave', 'mild-to-strong' => 'de suave a fuerte', 'strong' => 'fuerte'],
    ],
    'steps' => [
        'pre-wash' => 'el prelavado, en seco', 'shampoo' => 'la limpieza suave', 'co-wash' => 'el co-wash', 'clarifier' => 'el lavado profundo',
        'protein' => 'el tratamiento de proteína', 'conditioner' => 'el acondicionador y desenredar', 'mask' => 'la mascarilla',
        'leave-in' => 'el leave-in, en mojado', 'styler' => 'peinar', 'oil' => 'sellar', 'rinse' => 'el enjuague', 'scalp-care' => 'cuidar el cuero cabelludo',
    ],
    'form' => [
        'title-of' => 'Editar :name', 'new' => 'Un producto nuevo', 'edit' => 'Editar un producto', 'at-home' => 'En casa, de :name', 'in-salon' => 'En el salón', 'what' => 'Qué es',
        'name' => 'Nombre', 'kind' => 'Se usa como', 'barcode' => 'Código de barras', 'ingredients' => 'Ingredientes, como en la etiqueta',
        'ingredients-help' => 'Pégalo como está: comas o líneas, mayúsculas, paréntesis, asteriscos.', 'claims' => 'Lo que la etiqueta dice de sí misma', 'bottle' => 'El envase',
        'size' => 'Tamaño', 'pump' => 'Una dosis', 'pump-help' => 'pesa diez dosis, divide entre diez', 'price' => 'Precio de un envase', 'opened' => 'Abierto el', 'open-for' => 'Bueno una vez abierto', 'months' => 'meses',
        'batch' => 'Lote', 'made' => 'Hecho el, si es casero', 'keeps' => 'Dura, si es casero', 'days' => 'días', 'keeps-help' => 'con agua y en frío: unos 5',
        'save' => 'Guardar', 'save-new' => 'Guardar producto',
    ],
    'ingredients' => [
        'lead' => '{1} Un ingrediente por función; lo que añade el salón va antes de lo que viene.|[0,*] :count ingredientes por función; lo que añade el salón va antes de lo que viene.',
        'name' => 'Nombre', 'does' => 'Hace', 'anything' => 'cualquier cosa', 'look-up' => 'Buscar', 'found' => ':count encontrados.', 'found-first' => ':count encontrados, se muestran los primeros :shown.',
        'ingredients' => 'Ingredientes', 'ingredient' => 'Ingrediente', 'strength' => 'Fuerza', 'at-most' => 'como mucho', 'from' => 'De', 'taught' => 'añadido aquí', 'forget' => 'Quitar',
        'teach' => 'Añadir un ingrediente, o corregir uno',
    ],
    'for' => [
        'title' => 'Productos para este pelo', 'title-of' => 'Productos para :name', 'lead' => 'Primero los que le van; los que hay y los más baratos antes que el resto.', 'at-home' => 'En casa usa',
        'spent' => 'Productos gastados en este pelo hasta ahora:', 'none' => 'Aquí aún no hay ningún producto con lista de ingredientes.', 'own' => ' (suyo)',
        'section' => 'de :least a :most mL por sección', 'in-total' => 'unos :ml mL en total', 'too-little' => '; no hay bastante',
        'reacted' => '{0} La piel reaccionó a algo|{1} La piel reaccionó a algo: una apuntada|[2,*] La piel reaccionó a algo: :count apuntadas',
        'noted' => 'apuntado por :by', 'product' => 'Producto', 'none-of' => 'ninguno de estos', 'or-ingredient' => 'O ingrediente', 'day' => 'Día', 'happened' => 'Qué pasó',
        'encrypted' => 'se guarda cifrado', 'note' => 'Guardarlo', 'clinician' => 'Lo que no se calma es para un profesional sanitario.',
    ],
];
