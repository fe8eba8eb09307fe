<?php

declare(strict_types=1);

/*
 * Several machines on this one: two application servers, three database nodes, Redis, a bucket, two workers. Parts are
 * killed while devices send; nothing that was acknowledged is lost or done twice, the nodes hold the same in the end.
 * docs/beyond-one-machine.md says what a long run showed: bin/cluster faults.
 */

use Symfony\Component\Process\Process;

it('loses nothing and does nothing twice while one part after the other is killed', function (): void {
    $root = dirname(__DIR__, 2);
    $process = new Process(["{$root}/bin/cluster", 'faults', '--requests', '150', '--short'], $root, [
        'NAGOMI_CLUSTER' => false, 'NAGOMI_CLUSTER_PORT' => false,
    ]);
    $process->setTimeout(900);
    $process->run();
    $said = $process->getOutput() . $process->getErrorOutput();
    // Thirteen parts share a machine with other tests here: what did not come up in time is tried once more. What is
    // lost or there twice is not.
    $isLost = preg_match('/^WRONG: (client|tap|Product|Booking|One booking|\d+ bookings)/m', $said) === 1;
    if ($process->getExitCode() !== 0 && ! $isLost) {
        fwrite(STDERR, "Tried once more:\n{$said}");
        $process->run();
        $said = $process->getOutput() . $process->getErrorOutput();
    }
    expect($process->getExitCode())->toBe(0, $said)
        ->and($said)->toContain('Nothing acknowledged was lost, nothing was done twice.')
        ->toContain('errands were answered');
    foreach (['app-1', 'worker-1', 'node-1', 'redis'] as $part) {
        expect($said)->toContain("{$part} is killed");
    }
})->skip(posix_geteuid() !== 0, 'needs root, to run a node as the database’s own user');
