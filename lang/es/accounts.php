<?php

declare(strict_types=1);

// Donde se entra.
return ['sign-in' => 'Entrar', 'lead' => 'Hidratación, proteína y tiempo, cliente a cliente.', 'address' => 'Dirección', 'password' => 'Contraseña'];
