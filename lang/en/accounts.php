<?php

declare(strict_types=1);

// Where one signs in.
return ['sign-in' => 'Sign in', 'lead' => 'Moisture, protein and time, client by client.', 'address' => 'Address', 'password' => 'Password'];
