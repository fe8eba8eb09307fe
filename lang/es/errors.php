<?php

declare(strict_types=1);

// Lo que se dice cuando algo no se puede hacer, al equipo y a los clientes.
return [
    'pages' => [
        '403' => ['No para tu puesto', 'Lo que eres en este salón no abre esto. Vuelve, o pregunta a quien lleva el salón.'],
        '404' => ['No está aquí', 'No existe esa página, o es de otro salón.'],
        '413' => ['Demasiado grande', 'Ese archivo es demasiado grande; la ficha de un cliente ocupa menos de 5 MB.'],
        '419' => ['Sesión cerrada entretanto', 'La página estuvo abierta demasiado tiempo. Vuelve atrás, cárgala otra vez y envíalo de nuevo.'],
        '429' => ['Demasiados intentos', 'Espera un minuto y prueba otra vez.'],
        '500' => ['Algo ha ido mal', 'No es culpa tuya. No se ha guardado nada a medias; prueba otra vez.'],
    ],
    'link' => 'Este enlace ya no funciona.', 'calendar-gone' => 'Este calendario ya no está aquí.',
    'too-often' => 'Demasiado seguido. Espera un minuto y prueba otra vez.',
    'number' => 'Si pides ayuda a alguien, di este número: :number',
    'to-clients' => 'A los clientes',
    'link-gone' => ['Aquí no hay nada', 'Este enlace ha caducado, se retiró o se escribió mal. Pide otro a tu salón.'],
    'address' => 'No hay nada en esta dirección. Vuelve atrás y prueba la página desde el menú.',
    'unreadable' => 'Algo de lo enviado no se puede leer como texto. Vuelve atrás, escríbelo otra vez y envíalo de nuevo; no se ha guardado nada.',
    'sign-in-old' => 'Esta página estuvo abierta demasiado tiempo. Escribe tu contraseña otra vez.',
    'title' => 'Eso no se puede hacer',
    'other' => 'Eso no se puede hacer así. Vuelve atrás y pruébalo desde su página; no se ha guardado nada.',
    'client' => 'Eso no ha funcionado. Abre otra vez tu enlace; si sigue igual, díselo a tu salón. Lo que marcaste se queda en este teléfono.',
    'back' => 'Volver a Hoy',
    'away-title' => 'Un momento',
    'away' => 'Nagomi no alcanza sus datos ahora mismo. No se pierde nada: lo que escribiste en una tableta se queda ahí, y esta página prueba otra vez sola.',
    'away-client' => 'La página de tu salón no se alcanza ahora mismo. Prueba otra vez sola; lo que marcaste se queda en este teléfono.',
    'away-again' => 'Probar otra vez',
];
