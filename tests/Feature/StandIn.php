<?php

declare(strict_types=1);

namespace Tests\Feature;

use RuntimeException;
use Symfony\Component\Process\Process;

/** A server of a test's own on loopback: Redis, or the shipped stand-in for a bucket. It ends with the test. */
final class StandIn
{
    private function __construct(private readonly Process $process, public readonly int $port)
    {
    }

    public function __destruct()
    {
        $this->stop();
    }

    public static function redis(): self
    {
        $port = self::freePort();

        return self::begun(new Process(
            ['redis-server', '--port', (string) $port, '--bind', '127.0.0.1', '--save', '', '--appendonly', 'no'],
        ), $port);
    }

    /** @param string $folder what it holds; it has a bucket named nagomi */
    public static function bucket(string $folder): self
    {
        $port = self::freePort();
        @mkdir("{$folder}/nagomi", 0700, true);

        return self::begun(new Process(
            [PHP_BINARY, '-S', "127.0.0.1:{$port}", base_path('bin/stand-ins/bucket.php')],
            null,
            ['BUCKET_FOLDER' => $folder, 'BUCKET_KEY' => 'salt', 'BUCKET_SECRET' => 'light'],
        ), $port);
    }

    public function stop(): void
    {
        $this->process->stop(2);
    }

    private static function begun(Process $process, int $port): self
    {
        $process->setTimeout(null);
        // Whoever tells each request into a pipe that nobody reads soon waits for good.
        $process->disableOutput();
        $process->start();
        for ($try = 0; $try < 100; $try++) {
            $answers = @fsockopen('127.0.0.1', $port, $code, $why, 0.1);
            if ($answers !== false) {
                fclose($answers);

                return new self($process, $port);
            }
            usleep(50_000);
        }
        throw new RuntimeException('It does not answer: ' . $process->getCommandLine());
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? '' : (string) stream_socket_get_name($socket, false);
        is_resource($socket) && fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }
}
