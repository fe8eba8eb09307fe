<?php

declare(strict_types=1);

// Donde se entra.
return ['sign-in' => 'Entrar', 'lead' => 'Hidratación, proteína y tiempo, cliente a cliente.', 'address' => 'Correo', 'password' => 'Contraseña',
    'forgot' => '¿Olvidada? Quien lleva el salón te crea un enlace en Personas; para quien lo lleva lo hace el terminal: php artisan nagomi:password.'];
