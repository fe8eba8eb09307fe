<?php

declare(strict_types=1);


/*
 * bin/start on an ordinary machine, as an ordinary user in a fresh home: beside another copy, with a part of it dying,
 * with its
 * database gone for a moment, and ended by Ctrl-C.
 */

use Tests\Machine\Copy;
use Tests\Machine\FirstSalon;

/** @return array{int, string} status and page */
function page(string $address): array
{
    $handle = curl_init($address);
    curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 10]);
    $body = (string) curl_exec($handle);

    return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $body];
}

it('starts twice beside each other, heals itself and ends at once', function (): void {
    $one = Copy::fresh('one');
    $other = Copy::fresh('other');
    try {
        // Both at the same moment: each looks for ports, and one finds its own taken.
        $one->start('--fresh');
        $other->start('--empty');
        // A demo is worked out, beside whatever else is tested.
        $at = $one->address(900);
        $beside = $other->address(900);
        expect($beside)->not
            ->toBe($at)
            ->and(page("{$at}/sign-in")[0])
            ->toBe(200)
            ->and(page("{$beside}/sign-in")[0])
            ->toBe(302);

        // The one that is empty is opened by its code, once, whoever else tries at the same moment.
        preg_match('/with the code\s+([A-Z0-9-]+)/', $other->said(), $code);
        expect($code)->not->toBe([]);
        $ends = FirstSalon::openedAtOnce($beside, $code[1], ['odd@quay.example', 'eir@quay.example']);
        sort($ends);
        expect($ends)->toBe(['/sign-in', '/today'])->and(page("{$beside}/begin")[0])->toBe(302)
            ->and($one->said())->toContain('ilse@saltlight.example')
            ->and($other->said())->not->toContain('saltlight');

        foreach (['nagomi:work' => 'The worker', 'schedule:work' => 'The clock'] as $part => $says) {
            $before = $one->processes($part);
            expect($before)->not->toBe([]);
            array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $before);
            Copy::until(
                20,
                fn (): bool => array_diff($one->processes($part), $before) !== [],
                fn (): string => "{$part} was not started again: {$one->said()}",
            );
            expect($one->said())->toContain($says);
        }

        array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $one->processes('serve\.php'));
        Copy::until(
            30,
            fn (): bool => page("{$at}/sign-in")[0] === 200 && str_contains($one->said(), 'The pages stopped'),
            fn (): string => "The pages did not come back: {$one->said()}",
        );

        $database = (int) trim((string) file_get_contents("{$one->folder}/var/mariadb.pid"));
        posix_kill($database, SIGSTOP);
        posix_kill($database, SIGKILL);
        [$status, $body] = page("{$at}/today");
        [$ofCard, $card] = page("{$at}/card/x?signature=y");
        // It may be back already: then there was nothing to say.
        if ($status !== 302) {
            expect($status)
                ->toBe(503)
                ->and($body)
                ->toContain('cannot reach its records')
                ->toContain('http-equiv="refresh"');
        }
        if ($ofCard === 503) {
            expect($card)->toContain('Your salon')->not->toContain('book')->not->toContain('Today');
        }
        Copy::until(
            60,
            fn (): bool => page("{$at}/sign-in")[0] === 200 && str_contains($one->said(), 'The database stopped'),
            fn (): string => "The database did not come back: {$one->said()}",
        );

        $one->interrupt();
        Copy::until(
            40,
            fn (): bool => $one->processes() === [] && ! $one->isRunning(),
            fn (): string => 'Still there: ' . implode(', ', $one->processes()),
        );
        expect(page("{$beside}/sign-in")[0])->toBe(200);
        $other->interrupt();
        Copy::until(
            40,
            fn (): bool => $other->processes() === [],
            fn (): string => 'Still there: ' . implode(', ', $other->processes()),
        );
    } finally {
        $one->remove();
        $other->remove();
    }
});

it('refuses a port that is taken when it was asked for, and says which is free', function (): void {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    exec('bash ' . escapeshellarg(dirname(__DIR__, 2) . '/bin/start') . " --port {$port} 2>&1", $said, $status);
    expect($status)->toBe(1)->and(implode(' ', $said))->toContain("Port {$port} is busy")->toContain('--port');
});

it('starts in a bare Debian of its own', function (): void {
    $root = sys_get_temp_dir() . '/nagomi-bare-' . bin2hex(random_bytes(4));
    try {
        Copy::run("debootstrap --variant=minbase bookworm '{$root}'");
        $copy = dirname(__DIR__, 2);
        // Such a root has no package list, no /etc/hosts and no user but root; where packages come from is this
        // machine's business.
        Copy::run(
            "rm -f '{$root}/etc/hosts'; cp -a /etc/apt/. '{$root}/etc/apt/'; cp /etc/resolv.conf '{$root}/etc/resolv.conf'; mkdir '{$root}/salon' && cd '{$copy}' && git ls-files -z --cached --others --exclude-standard | tar --null --ignore-failed-read -cf - --files-from=- | tar -xf - -C '{$root}/salon'",
        );
        Copy::run(
            "cp -a '{$copy}/vendor' '{$root}/salon/vendor' && mkdir -p '{$root}/salon/var' && cp '{$copy}/var/vendor.stamp' '{$root}/salon/var/vendor.stamp'; mount --bind /proc '{$root}/proc'; mount --bind /dev '{$root}/dev'",
        );
        $process = proc_open(
            [
                'chroot', $root, '/usr/bin/env', '-i', 'HOME=/root', 'PATH=/usr/bin:/bin', 'bash', '/salon/bin/start',
                '--fresh',
            ],
            [['file', '/dev/null', 'r'], ['file', "{$root}/said.log", 'w'], ['file', "{$root}/said.log", 'a']],
            $pipes,
        );
        Copy::until(
            420,
            fn (): bool => str_contains((string) file_get_contents("{$root}/said.log"), 'Nagomi is at')
                || ! proc_get_status($process)['running'],
            fn (): string => (string) file_get_contents("{$root}/said.log"),
        );
        preg_match('#Nagomi is at (http://\S+)#', (string) file_get_contents("{$root}/said.log"), $found);
        expect(page("{$found[1]}/sign-in")[0])->toBe(200);
        proc_terminate($process, SIGINT);
        Copy::until(40, fn (): bool => ! proc_get_status($process)['running'], fn (): string => 'It does not end.');
    } finally {
        exec("umount '{$root}/proc' '{$root}/dev' 2>/dev/null; rm -rf --one-file-system '{$root}'");
    }
})->skip(
    fn (): bool => posix_geteuid() !== 0 || trim((string) shell_exec('command -v debootstrap')) === '',
    'debootstrap is not at hand',
);
