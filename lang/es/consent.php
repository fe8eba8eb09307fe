<?php

declare(strict_types=1);

/** Lo que aceptan los clientes. Un modelo de práctica común, sin fuente: lo que hay que decir es la ley de cada país. */
return [
    'title' => 'Consentimiento', 'of' => 'Consentimiento de :name',
    'lead' => 'Lo que se aceptó, con las palabras que se leyeron, y hasta cuándo.',
    'purposes' => ['record' => 'Guardar una ficha', 'pictures' => 'Guardar fotos'],
    'wordings' => [
        'record' => ':salon guarda una ficha de mi pelo y mi cuero cabelludo: cómo localizarme, lo que cuento de mi pelo y mi salud, lo que se mide y se hace, '
            . 'y los mensajes que recibo. Sirve para cuidar mi pelo y para nada más. Nadie fuera del salón la recibe sin mi permiso. Lo que cuento de mi salud '
            . 'se guarda cifrado. Puedo leerlo todo, corregirlo, llevármelo y hacer que se borre. Puedo retirar este consentimiento cuando quiera; '
            . 'lo hecho hasta entonces sigue siendo válido.',
        'pictures' => ':salon puede hacer y guardar fotos de mi pelo, para ver cómo cambia. Se guardan cifradas, no se enseñan a nadie fuera del salón y no se usan '
            . 'en publicidad. Puedo hacer que se borre cualquiera, y retirar este consentimiento cuando quiera.',
    ],
    'words-of' => 'Texto del :day', 'holds' => 'Lo aceptó :by el :day; anotado por :taken.', 'holds-alone' => 'Lo aceptó :by el :day.',
    'none' => 'Sin aceptar.', 'no-words' => 'Dado antes de que se guardara el texto.',
    'others-now' => 'El texto es otro ahora: se leyó este.', 'now' => 'El texto de ahora',
    'given-by' => 'Lo acepta', 'agreed' => 'Este texto se ha leído y se acepta.', 'give' => 'Anotar el consentimiento', 'again' => 'Anotarlo con el texto de ahora',
    'withdraw' => 'Retirar', 'form' => 'Hoja para firmar (.pdf)', 'before' => 'Antes', 'taken-back' => ':purpose: :by, del :from al :until.',
    'given-said' => 'El consentimiento queda anotado, con su texto.',
    'withdrawn-said' => [
        'record' => 'Anotado: retirado. Borra al cliente con todos sus datos, salvo que la ley obligue a guardarlos.',
        'pictures' => 'Anotado: retirado. Borra las fotos; ninguna nueva se guarda sin otro consentimiento.',
    ],
    'signed' => 'Firma', 'place-day' => 'Lugar y día', 'printed' => 'Impreso el :day por :salon. La hoja firmada se queda en el salón; el consentimiento se anota en Nagomi.',
    'salon-title' => 'Consentimiento', 'salon-lead' => 'Lo que aceptan los clientes, con tus palabras. Valen desde el día en que se guardan; lo aceptado antes conserva su texto.',
    'own' => 'Tu texto, desde el :day', 'shipped' => 'El texto de serie; si se vacía, vuelve este', 'law' => 'No es consejo legal: lo que hay que decir es la ley de tu país.',
    'wrong' => [
        'purpose' => 'Elige qué se acepta.', 'given-by' => 'Escribe quién lo acepta, hasta 120 letras; por un menor, quien lo tutela.',
        'agreed' => 'Marca que el texto se ha leído y se acepta.', 'wording' => 'Escribe de :least a :most letras, o déjalo vacío para el texto de serie.',
    ],
];
