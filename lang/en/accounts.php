<?php

declare(strict_types=1);

// Where one signs in.
return ['sign-in' => 'Sign in', 'lead' => 'Moisture, protein and time, client by client.', 'address' => 'Email', 'password' => 'Password',
    'forgot' => 'Forgot it? The owner makes you a link under People; for the owner the terminal does: php artisan nagomi:password.'];
