<?php

declare(strict_types=1);

namespace Tests\Machine;

use RuntimeException;

/** A copy of the project in the fresh home of an ordinary user, started as they would start it. */
final class Copy
{
    private const USER = 'nagomi-visitor';

    /** @var resource|null */
    private $process;

    private function __construct(
        public readonly string $home,
        public readonly string $folder,
        private readonly bool $isOther,
    ) {
    }

    /** Under root a user is made for it; otherwise it is whoever runs the tests, in a home of its own. */
    public static function fresh(string $name): self
    {
        $isRoot = posix_geteuid() === 0;
        if ($isRoot && posix_getpwnam(self::USER) === false) {
            self::run('useradd --no-create-home --shell /bin/bash ' . self::USER);
        }
        $home = sys_get_temp_dir() . "/{$name}-" . bin2hex(random_bytes(4));
        $folder = "{$home}/a salon";
        mkdir($folder, 0755, true);
        $root = dirname(__DIR__, 2);
        self::run(
            "cd '{$root}' && git ls-files -z --cached --others --exclude-standard | tar --null --ignore-failed-read -cf - --files-from=- | tar -xf - -C '{$folder}'",
        );
        if ($isRoot) {
            self::run('chown -R ' . self::USER . " '{$home}'");
        }
        // What is fetched from outside was fetched before; how it is, another test asks. It is read and not written, so
        // that links do, where both lie on one disk.
        self::run(
            "chmod -R a+rX '{$root}/vendor' && { cp -al '{$root}/vendor' '{$folder}/vendor' 2>/dev/null || { rm -rf '{$folder}/vendor'; cp -a '{$root}/vendor' '{$folder}/vendor'; }; } && install -d" . ($isRoot ? ' -o ' . self::USER : '') . " '{$folder}/var' && install -m 644 '{$root}/var/vendor.stamp' '{$folder}/var/vendor.stamp'",
        );

        return new self($home, $folder, $isRoot);
    }

    public function start(string $arguments): void
    {
        $as = $this->isOther ? 'runuser -u ' . self::USER . ' -- ' : '';
        // Nothing of whoever runs the tests comes along; the PATH is an ordinary user's, without /usr/sbin.
        $command = "cd '{$this->folder}' && exec {$as}env -i HOME='{$this->home}' PATH=/usr/local/bin:/usr/bin:/bin TERM=dumb setsid bash bin/start {$arguments}";
        $process = proc_open(
            ['bash', '-c', $command],
            [
                ['file', '/dev/null', 'r'],
                ['file', "{$this->home}/said.log", 'w'],
                ['file', "{$this->home}/said.log", 'a'],
            ],
            $pipes,
        );
        $this->process = is_resource($process)
            ? $process
            : throw new RuntimeException('bin/start could not be started.');
    }

    /**
     * What a command says in this copy, as its user.
     *
     * @return array{int, string} status and all that was said
     */
    public function does(string $command): array
    {
        $as = $this->isOther ? 'runuser -u ' . self::USER . ' -- ' : '';
        $home = "env -i HOME='{$this->home}' PATH=/usr/local/bin:/usr/bin:/bin TERM=dumb";
        exec("cd '{$this->folder}' && {$as}{$home} bash -c " . escapeshellarg($command) . ' 2>&1', $lines, $status);

        return [$status, implode("\n", $lines)];
    }

    public function said(): string
    {
        return (string) @file_get_contents("{$this->home}/said.log");
    }

    /** Where it says it is, once it does. */
    public function address(int $seconds): string
    {
        self::until(
            $seconds,
            fn (): bool => preg_match('#Nagomi is at (http://\S+)#', $this->said()) === 1 || ! $this->isRunning(),
            fn (): string => 'It did not start: ' . $this->said(),
        );

        return preg_match('#Nagomi is at (http://\S+)#', $this->said(), $found) === 1
            ? $found[1]
            : throw new RuntimeException('It did not start: ' . $this->said());
    }

    public function isRunning(): bool
    {
        return is_resource($this->process) && proc_get_status($this->process)['running'];
    }

    /** @return list<int> processes of this copy whose command line matches */
    public function processes(string $pattern = '.'): array
    {
        $found = [];
        // Asked of the shell: a process may be gone, or somebody else's, by the time it is looked at.
        exec(
            'for p in /proc/[0-9]*; do at=$(readlink "$p/cwd" 2>/dev/null) && printf "%s\t%s\t%s\n" '
                . '"${p#/proc/}" "$at" "$(tr "\0" " " 2>/dev/null <"$p/cmdline")"; done 2>/dev/null',
            $lines,
        );
        foreach ($lines as $line) {
            [$pid, $at, $command] = array_pad(explode("\t", $line, 3), 3, '');
            if (str_starts_with($at, $this->folder) && $command !== '' && preg_match("~{$pattern}~", $command) === 1) {
                $found[] = (int) $pid;
            }
        }

        return $found;
    }

    /** As Ctrl-C does. */
    public function interrupt(): void
    {
        foreach ($this->processes('bash bin/start') as $pid) {
            posix_kill($pid, SIGINT);
        }
    }

    public function remove(): void
    {
        foreach ($this->processes() as $pid) {
            posix_kill($pid, SIGKILL);
        }
        if (is_resource($this->process)) {
            proc_close($this->process);
        }
        self::run("rm -rf '{$this->home}'");
    }

    /**
     * @param callable(): bool   $is
     * @param callable(): string $else what to say where it never is
     */
    public static function until(int $seconds, callable $is, callable $else): void
    {
        $end = microtime(true) + $seconds;
        while (! $is()) {
            if (microtime(true) > $end) {
                throw new RuntimeException($else());
            }
            usleep(200_000);
        }
    }

    public static function run(string $command): string
    {
        exec("({$command}) 2>&1", $said, $status);

        return $status === 0
            ? implode("\n", $said)
            : throw new RuntimeException("{$command}: " . implode("\n", array_slice($said, -5)));
    }
}
