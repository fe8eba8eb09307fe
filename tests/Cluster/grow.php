<?php

declare(strict_types=1);

/*
 * Makes many salons of the demo's one, in the database that DB_DATABASE names and the demo was built in:
 * php tests/Cluster/grow.php SALONS CLIENTS. Three years of each client, as the demo tells of eighteen months.
 */

use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Tests\Cluster\Growth;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

[$salons, $clients] = [max(1, (int) ($argv[1] ?? 0)), max(1, (int) ($argv[2] ?? 0))];
$salonId = User::query()->withoutGlobalScopes()->where('email', 'ilse@saltlight.example')->sole()->salon_id;
DB::statement('set unique_checks = 0, foreign_key_checks = 0');
$growth = new Growth($salonId);
$began = microtime(true);
$growth->past(548);
$growth->clients($clients);
$there = DB::table('heads')->where('salon_id', $salonId)->count();
printf("One salon of %d clients after %.0f s\n", $there, microtime(true) - $began);
$growth->salons($salons);
$rows = DB::selectOne('select sum(table_rows) as many, sum(data_length + index_length) / 1e9 as gigabytes
    from information_schema.tables where table_schema = database()');
printf(
    "%d salons, %d clients, about %.1f million rows, %.1f GB, after %.0f s\n",
    DB::table('salons')->count(),
    DB::table('heads')->count(),
    $rows->many / 1e6,
    $rows->gigabytes,
    microtime(true) - $began,
);
