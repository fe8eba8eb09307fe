<?php

declare(strict_types=1);

namespace Tests\Machine;

use RuntimeException;

/**
 * This machine once more, to be written over: a root of its own laid upon this one, with its own users, settings and
 * processes. Nothing that is done there is left when it is gone.
 */
final class FreshRoot
{
    /** @var resource|null */
    private $process;

    private int $pid = 0;

    private function __construct(private readonly string $folder)
    {
    }

    /** @return self|null null where this machine does not let a root be laid upon its own */
    public static function laid(): ?self
    {
        if (posix_geteuid() !== 0) {
            return null;
        }
        $folder = sys_get_temp_dir() . '/fresh-' . bin2hex(random_bytes(4));
        mkdir($folder, 0755, true);
        $root = new self($folder);
        $script = "mount -t tmpfs -o size=3g none {$folder} && mkdir {$folder}/up {$folder}/work {$folder}/root"
            . " && mount -t overlay overlay -o lowerdir=/,upperdir={$folder}/up,workdir={$folder}/work {$folder}/root"
            . " && mount -t proc proc {$folder}/root/proc && mount --rbind /dev {$folder}/root/dev"
            . " && mount -t tmpfs none {$folder}/root/run && mkdir {$folder}/root/run/lock && echo laid && exec sleep 3600";
        $process = proc_open(
            ['unshare', '--mount', '--pid', '--fork', '--kill-child', 'bash', '-c', $script],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        if (! is_resource($process) || trim((string) fgets($pipes[1])) !== 'laid') {
            rmdir($folder);

            return null;
        }
        $root->process = $process;
        $root->pid = (int) trim((string) shell_exec('pgrep -P ' . proc_get_status($process)['pid']));

        return $root;
    }

    /**
     * @return array{int, string} status and all that was said
     */
    public function does(string $command): array
    {
        $in = "nsenter --mount --pid --target {$this->pid} chroot {$this->folder}/root env -i HOME=/root"
            . ' PATH=/usr/local/sbin:/usr/local/bin:/usr/sbin:/usr/bin:/sbin:/bin TERM=dumb LANG=C.UTF-8 bash -c ';
        exec($in . escapeshellarg($command) . ' </dev/null 2>&1', $lines, $status);

        return [$status, implode("\n", $lines)];
    }

    /** What a command says that has to go well. */
    public function must(string $command): string
    {
        [$status, $says] = $this->does($command);

        return $status === 0 ? $says : throw new RuntimeException("{$command} ended with {$status}: {$says}");
    }

    public function remove(): void
    {
        if (is_resource($this->process)) {
            posix_kill($this->pid, SIGKILL);
            proc_close($this->process);
        }
        @rmdir($this->folder);
    }
}
