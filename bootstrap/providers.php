<?php

declare(strict_types=1);

return [
    Laravel\Sanctum\SanctumServiceProvider::class,
    App\Providers\AppServiceProvider::class,
    App\Providers\BladeServiceProvider::class,
];
