<?php

declare(strict_types=1);

/** Clientes que se olvidan solos. */
return [
    'title' => 'Clientes que ya no vienen',
    'how' => 'Tras tantos años sin cita, visita, resultado, noticia de casa ni cambio de sus datos, un cliente se borra con todos sus datos. Antes está aquí :days días.',
    'years' => 'Borrar tras', 'unit' => 'años', 'never' => 'Si se deja vacío, nadie se borra solo.',
    'years-wrong' => 'Escribe un número entero de años de 1 a :most, o déjalo vacío.',
    'soon' => 'Por borrar', 'on' => 'el :day', 'keep' => 'Conservar', 'kept' => 'Se conserva: :name. Los años cuentan desde hoy.',
    'by-itself' => 'Nagomi, según lo fijado aquí',
    'today' => '{1} Un cliente que ya no viene se borra desde el :day.|[2,*] :count clientes que ya no vienen se borran desde el :day.',
    'look' => 'Revisarlos',
];
