<?php

declare(strict_types=1);

/* Qué pegar o escribir en su lugar, en listas, existencias y mezclas. */

return [
    'list' => [
        'empty' => 'Ingredientes: pega la lista del envase, por ejemplo «Aqua, Cetearyl Alcohol, Glycerin».',
        'too-long' => 'Ingredientes: esto es más largo que cualquier lista de un envase. Pega solo los ingredientes, hasta :most letras.',
        'no-name' => 'Ingredientes: no hay ningún nombre en este texto. Pega la lista del envase.',
        'too-many' => 'Ingredientes: :entries son más de los que lleva un envase. Pega un producto cada vez, hasta :most.',
        'story' => 'Ingredientes: de :first y lo demás casi nada es un ingrediente (:known de :all). Pega la lista del envase, no su historia.',
    ],
    'shelf' => [
        'columns' => 'Existencias: la primera línea nombra las columnas, entre ellas name y kind.',
        'line' => 'Existencias, línea :line, :column: :instead.',
        'minutes' => 'escribe de 1 a :most', 'kind' => 'elige uno de :kinds', 'name' => 'escribe cómo se llama',
        'number' => 'escribe un número, 0 o más, por ejemplo 12.5', 'day' => 'escribe un día que exista, por ejemplo 2027-01-09',
    ],
    'mix' => [
        'batch' => 'Cantidad: escribe cuánto se hace, más de 0 y hasta :most mL.',
        'share' => ':name: escribe una parte de más de 0 y hasta 100 %.',
        'sum' => 'Las partes suman :sum %; bájalas a 100 % o menos.',
        'most-of-oil' => ':name: lo máximo por sí solo es :most % (Tisserand & Young, sobre la piel; de memoria); aquí es :percent %.',
        'most-of-part' => ':name: lo máximo por sí solo es :most % (el libro de ingredientes y la práctica común); aquí es :percent %.',
        'essential-oils' => 'Los aceites esenciales suman :percent % (:parts); :cap (Tisserand & Young; de memoria). En la duda, pregunta a un profesional sanitario.',
        'essential-oils-and-unknown' => 'Los aceites esenciales suman :percent % (:parts); :cap (Tisserand & Young; de memoria). En la duda, pregunta a un profesional sanitario. Aquí no se conoce, y cuenta como aceite esencial hasta que tenga nombre: :unknown. Escríbelo como en su etiqueta, o añádelo al libro de ingredientes.',
        'part' => ':name :percent %',
        'none' => ':where, ninguno', 'most' => ':where, lo máximo es :most %',
        'uses' => [
            'scalp' => 'en el cuero cabelludo', 'rinsed-off' => 'en lo que se aclara', 'child' => 'con menos de 12 años',
            'young' => 'de 12 a 15 años', 'pregnancy' => 'en el embarazo', 'asthma' => 'con asma',
        ],
    ],
];
