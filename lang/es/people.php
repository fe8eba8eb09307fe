<?php

declare(strict_types=1);

// Quién es del salón, y la propia entrada.
return [
    'title' => 'Personas',
    'lead' => 'Quién trabaja aquí, a quién se ha invitado, y tu propia entrada.',
    'lead-stylist' => 'Quién trabaja aquí, y tu propia entrada. Quien lleva el salón invita.',
    'who' => 'Quién trabaja aquí',
    'role' => ['owner' => 'lleva el salón', 'stylist' => 'estilista'],
    'left' => 'se fue el :day',
    'leave' => 'Ya no trabaja aquí',
    'back' => 'Vuelve a trabajar aquí',
    'asked' => 'invitación, enlace válido hasta el :day',
    'ran-out' => 'el enlace ha caducado',
    'link' => 'Enlace para :name',
    'withdraw' => 'Retirar la invitación',
    'invite' => 'Invitar a alguien',
    'invite-how' => 'Recibe de ti un enlace, válido una semana, y elige su propia contraseña.',
    'name' => 'Nombre',
    'email' => 'Correo con el que entrará',
    'invite-do' => 'Crear el enlace',
    'password' => 'Tu contraseña',
    'current-password' => 'Contraseña de ahora',
    'new-password' => 'Contraseña nueva, diez caracteres o más',
    'password-do' => 'Cambiar la contraseña',
    'password-how' => 'En los demás aparatos se cierra tu sesión.',
    'devices-title' => 'Dónde tienes la sesión abierta',
    'devices' => ['phone' => 'Teléfono', 'tablet' => 'Tableta', 'computer' => 'Ordenador', 'unknown' => 'Aparato desconocido'],
    'this' => 'este',
    'seen' => 'visto por última vez el :when, desde :address',
    'elsewhere' => 'Cerrar la sesión en los demás',
    'to-today' => 'Ir a Hoy',
    'still-booked' => '{1} :name tiene una cita por venir. Antes pásala a otra persona o cámbiala.'
        . '|[2,*] :name tiene :count citas por venir. Antes pásalas a otra persona o cámbialas.',
    'join' => 'Únete a :salon',
    'join-lead' => 'Entras con :email.',
    'join-do' => 'Unirse',
    'forgot' => 'Ha olvidado la contraseña',
    'password-link' => 'Enlace para :name, válido un día',
    'choose' => 'Elige una contraseña',
    'password-over' => 'Este enlace ya no vale. Pide uno nuevo a quien lleva el salón.',
    'over' => 'Esta invitación ya no vale. Entra, o pide un enlace nuevo a quien lleva el salón.',
    'said' => [
        'invited' => 'Envía a :name el enlace de abajo.',
        'withdrawn' => 'La invitación de :name está retirada.',
        'left' => ':name ya no puede entrar. Lo que hizo :name se queda.',
        'returned' => ':name puede entrar otra vez. Pon su horario en Horarios y servicios.',
        'joined' => 'Te damos la bienvenida a :salon. Quien lleva el salón pone tu horario.',
        'password' => 'Tu contraseña ha cambiado. En los demás aparatos se ha cerrado tu sesión.',
        'elsewhere' => '{0} No tenías la sesión abierta en ningún otro aparato.|{1} Tu sesión se ha cerrado en otro aparato.'
            . '|[2,*] Tu sesión se ha cerrado en otros :count aparatos.',
    ],
    'wrong' => [
        'name' => 'Escribe el nombre, hasta 120 caracteres.',
        'current' => 'Esa no es tu contraseña de ahora. Escríbela como cuando entras.',
    ],
];
