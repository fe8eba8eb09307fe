<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Redis\Factory;
use Illuminate\Redis\Connections\Connection;

/**
 * Where several machines share them. A session is a hash that runs out by itself; beside it stands, for everybody who
 * is signed in, the set of their sessions by when each was used last, so that all of them can be told and ended.
 */
final readonly class SessionsInRedis implements OpenSessions
{
    /**
     * Written whole or not at all; one that was ended meanwhile does not come back by a request under way.
     * KEYS: the session, the set of its user ('' for nobody). ARGV: id, payload, user, address, agent, now, seconds it
     * lasts, whether it was there when the request began.
     */
    private const WRITE = <<<'LUA'
        local was = redis.call('HGET', KEYS[1], 'user')
        if ARGV[8] == '1' and not was then
            return 0
        end
        if was and was ~= '' and was ~= ARGV[3] then
            redis.call('ZREM', ARGV[9] .. was, ARGV[1])
        end
        redis.call('HSET', KEYS[1], 'payload', ARGV[2], 'user', ARGV[3],
            'address', ARGV[4], 'agent', ARGV[5], 'seen', ARGV[6])
        redis.call('EXPIRE', KEYS[1], ARGV[7])
        if ARGV[3] ~= '' then
            redis.call('ZADD', KEYS[2], ARGV[6], ARGV[1])
            redis.call('EXPIRE', KEYS[2], ARGV[7])
        end
        return 1
        LUA;

    private const SESSION = 'session:';
    private const OF_USER = 'sessions-of:';

    public function __construct(private Factory $redis)
    {
    }

    /** @return string|null what the session holds; null where there is none, or it has run out */
    public function payload(string $id): ?string
    {
        $payload = $this->redis()->command('hget', [self::SESSION . $id, 'payload']);

        return is_string($payload) ? $payload : null;
    }

    /**
     * @param string   $payload what it holds
     * @param int|null $userId  null: nobody is signed in
     * @param bool     $isThere whether it was when the request began
     */
    public function write(OpenSession $session, string $payload, ?int $userId, bool $isThere): void
    {
        $prefix = config()->string('database.redis.options.prefix');
        $this->redis()->command('eval', [self::WRITE, [
            self::SESSION . $session->id, self::OF_USER . $userId,
            $session->id, $payload, (string) $userId, $session->address, $session->agent, (string) $session->seen,
            (string) $this->lastsSeconds(), $isThere ? '1' : '0', $prefix . self::OF_USER,
        ], 2]);
    }

    public function forget(string $id): void
    {
        $userId = $this->redis()->command('hget', [self::SESSION . $id, 'user']);
        $this->redis()->command('del', [self::SESSION . $id]);
        if (is_string($userId) && $userId !== '') {
            $this->redis()->command('zrem', [self::OF_USER . $userId, $id]);
        }
    }

    public function of(array $userIds): array
    {
        $after = CarbonImmutable::now()->getTimestamp() - $this->lastsSeconds();
        $sessions = [];
        foreach ($userIds as $userId) {
            foreach ($this->ids($userId) as $id) {
                $kept = $this->redis()->command('hmget', [self::SESSION . $id, ['address', 'agent', 'seen']]);
                [$address, $agent, $seen] = is_array($kept)
                    ? [$kept['address'] ?? '', $kept['agent'] ?? '', $kept['seen'] ?? '']
                    : ['', '', ''];
                if (is_numeric($seen) && (int) $seen > $after) {
                    $sessions[] = new OpenSession(
                        $id,
                        is_string($address) ? $address : '',
                        is_string($agent) ? $agent : '',
                        (int) $seen,
                    );
                }
            }
        }
        usort($sessions, static fn (OpenSession $one, OpenSession $other): int => $other->seen <=> $one->seen);

        return $sessions;
    }

    public function end(array $userIds, string $but = ''): int
    {
        $ended = 0;
        foreach ($userIds as $userId) {
            foreach ($this->ids($userId) as $id) {
                if ($id !== $but) {
                    $deleted = $this->redis()->command('del', [self::SESSION . $id]);
                    $ended += is_int($deleted) ? $deleted : 0;
                    $this->redis()->command('zrem', [self::OF_USER . $userId, $id]);
                }
            }
        }

        return $ended;
    }

    /** @return list<string> the latest first */
    private function ids(int $userId): array
    {
        $ids = $this->redis()->command('zrevrange', [self::OF_USER . $userId, 0, -1]);

        return is_array($ids) ? array_values(array_filter($ids, is_string(...))) : [];
    }

    private function lastsSeconds(): int
    {
        return config()->integer('session.lifetime') * 60;
    }

    private function redis(): Connection
    {
        return $this->redis->connection();
    }
}
