<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/**
 * A bad line between the browser and the application: it lets everything through, but for what a test tells it to do
 * to the next requests for one address. A process of its own, since a test waits while pages load.
 */
final class FaultProxy
{
    /** @param resource $process */
    private function __construct(private $process, private readonly string $orders, public readonly string $url)
    {
    }

    public static function before(string $application): self
    {
        $port = random_int(21000, 29000);
        $orders = (string) tempnam(sys_get_temp_dir(), 'nagomi-faults');
        $process = proc_open(
            [PHP_BINARY, __DIR__ . '/fault-proxy.php', (string) $port, $application, $orders],
            [1 => ['pipe', 'w'], 2 => ['file', "{$orders}.log", 'w']],
            $pipes,
        );
        // It says a word when it listens.
        if (! is_resource($process) || fgets($pipes[1]) === false) {
            throw new RuntimeException('The bad line could not be laid: ' . file_get_contents("{$orders}.log"));
        }

        return new self($process, $orders, "http://127.0.0.1:{$port}");
    }

    /**
     * @param string $path  a part of the address that is disturbed
     * @param string $fault a status, or html, hang, late (by four seconds), cut, swallowed (taken in, answer
     *     lost), away
     * @param int    $times how many requests are disturbed before the line is good again
     */
    public function disturb(string $path, string $fault, int $times): void
    {
        file_put_contents($this->orders, json_encode(['path' => $path, 'fault' => $fault, 'left' => $times]), LOCK_EX);
    }

    /** @return int how many of the requests that were to be disturbed have not come yet */
    public function left(): int
    {
        $orders = json_decode((string) file_get_contents($this->orders), true);

        return is_array($orders) ? (int) $orders['left'] : 0;
    }

    public function close(): void
    {
        proc_terminate($this->process);
        proc_close($this->process);
        array_map(unlink(...), array_filter([$this->orders, "{$this->orders}.log"], is_file(...)));
    }
}
