<?php

declare(strict_types=1);

namespace App\Http\Sessions;

use App\Bridge\Accounts\OpenSession;
use App\Bridge\Accounts\SessionsInRedis;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Auth\Guard;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\Request;
use Illuminate\Session\ExistenceAwareInterface;
use SessionHandlerInterface;

/** Laravel's sessions in Redis, with whose they are: so that somebody sees where they are signed in, and ends it. */
final class RedisSessionHandler implements ExistenceAwareInterface, SessionHandlerInterface
{
    /** As MariaDB keeps it. */
    private const LONGEST_AGENT = 500;

    private bool $isThere = false;

    public function __construct(private readonly SessionsInRedis $sessions, private readonly Container $container)
    {
    }

    public function open(string $path, string $name): bool
    {
        return true;
    }

    public function close(): bool
    {
        return true;
    }

    public function read(string $id): string
    {
        $payload = $this->sessions->payload($id);
        $this->isThere = $payload !== null;

        return $payload ?? '';
    }

    public function write(string $id, string $data): bool
    {
        $request = $this->container->make(Request::class);
        $userId = $this->container->make(Guard::class)->id();
        $this->sessions->write(new OpenSession(
            $id,
            (string) $request->ip(),
            mb_substr((string) $request->userAgent(), 0, self::LONGEST_AGENT),
            CarbonImmutable::now()->getTimestamp(),
        ), $data, is_numeric($userId) ? (int) $userId : null, $this->isThere);
        $this->isThere = true;

        return true;
    }

    public function destroy(string $id): bool
    {
        $this->sessions->forget($id);

        return true;
    }

    /** They run out by themselves. */
    public function gc(int $max_lifetime): int
    {
        return 0;
    }

    public function setExists($value): static
    {
        $this->isThere = $value;

        return $this;
    }
}
