<?php

declare(strict_types=1);

// Lo que otros programas y cuadernos escriben en español, separado por comas; se lee en cualquier idioma de la página.
return [
    'columns' => [
        'name' => 'nombre, nombre completo, cliente, clienta, nombre del cliente, nombre de la clienta, nombre y apellidos, contacto',
        'given' => 'nombre de pila, primer nombre',
        'family' => 'apellidos, apellido, primer apellido',
        'email' => 'correo, correo electrónico, dirección de correo, email del cliente',
        'phone' => 'teléfono, móvil, celular, número de teléfono, teléfono móvil',
        'born' => 'fecha de nacimiento, nacimiento, cumpleaños, nacida el, nacido el',
        'household' => 'hogar, familia, casa',
        'notes' => 'notas, nota, comentarios, comentario, observaciones, historia del pelo',
        'allergies' => 'alergias, alergia',
        'last-wash' => 'último lavado, última limpieza',
        'last-mask' => 'última mascarilla, última hidratación',
        'last-mild-protein' => 'última proteína suave',
        'last-strong-protein' => 'última proteína fuerte',
        'last-clarifying' => 'última clarificante, último clarificante, último lavado clarificante',
        'last-chemical-service' => 'último color, última coloración, última decoloración, último servicio químico',
        'last-trim' => 'último corte, último recorte',
        'day' => 'fecha, día, fecha de la cita, cita, fecha y hora, inicio, empieza, fecha de inicio, cuándo',
        'time' => 'hora, hora de inicio, desde, hora de la cita, a las',
        'ends' => 'fin, hora de fin, hasta, termina',
        'minutes' => 'minutos, duración, duración en minutos, duración min',
        'service' => 'servicio, servicios, tipo de cita, para qué',
        'stylist' => 'estilista, con, personal, empleado, empleada, peluquera, peluquero, profesional, manos',
        'price' => 'precio, importe, total a pagar, coste, tarifa',
        'status' => 'estado, estado de la cita',
        'treatment' => 'tratamiento, tratamientos, qué se hizo, hecho, cuidado',
        'millimetres' => 'milímetros, mm cortados',
    ],
    'treatments' => [
        'wash' => 'lavado, champú, lavar, lavado con champú, limpieza',
        'mask' => 'mascarilla, hidratación, acondicionado profundo, mascarilla hidratante, tratamiento hidratante',
        'strong-protein' => 'proteína fuerte, tratamiento de proteína fuerte, reconstructor',
        'mild-protein' => 'proteína suave, proteína ligera',
        'clarifying' => 'clarificante, lavado clarificante, champú clarificante, quelante, limpieza profunda',
        'chemical-service' => 'color, tinte, coloración, decoloración, mechas, servicio químico, alisado, permanente',
        'trim' => 'corte, recorte, puntas, corte de puntas, corte en seco, saneado',
    ],
    'statuses' => [
        'booked' => 'reservada, reservado, confirmada, confirmado, pendiente, prevista, programada, abierta',
        'done' => 'hecha, hecho, realizada, realizado, completada, completado, pagada, pagado, terminada, atendida',
        'cancelled' => 'cancelada, cancelado, anulada, anulado',
        'no-show' => 'no vino, no se presentó, ausente, faltó',
    ],
    'totals' => ['line' => 'total, totales, subtotal, total general, suma, suma total, total clientes, total de clientes, total citas, total de citas, total reservas, recuento'],
];
