<?php

declare(strict_types=1);

/*
 * Sends a day's errands of several salons to several machines, kills one part after the other meanwhile, and holds what
 * was acknowledged against the book: php tests/Cluster/faults.php ERRANDS, begun by bin/cluster faults.
 */

use Illuminate\Contracts\Console\Kernel;
use Nagomi\Core\Statistics\SeededRandom;
use Tests\Cluster\FaultRun;
use Tests\Cluster\Ledger;
use Tests\Cluster\Mix;

require __DIR__ . '/../../vendor/autoload.php';
$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$errands = max(100, (int) ($argv[1] ?? 0));
$run = new FaultRun((string) getenv('NAGOMI_WEB'), new Ledger(), new Mix(new SeededRandom(20261130)));
try {
    exit($run->run($errands, ($argv[2] ?? '') === 'short') ? 0 : 1);
} catch (Throwable $failed) {
    fwrite(STDERR, "{$failed}\n");
    exit(1);
}
