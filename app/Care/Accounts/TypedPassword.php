<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Session\Session;

/** When somebody typed their password last, in the session they are signed in by. */
final readonly class TypedPassword
{
    /** Seconds since 1970, where Laravel keeps it. */
    public const AT = 'auth.password_confirmed_at';

    /** Where whoever is asked for it goes on. */
    private const THEN = 'password.then';

    public function now(Session $session): void
    {
        $session->put(self::AT, CarbonImmutable::now()->getTimestamp());
    }

    /** Whether it still counts. */
    public function isFresh(Session $session): bool
    {
        $typed = $session->get(self::AT);
        $age = CarbonImmutable::now()->getTimestamp() - (is_int($typed) ? $typed : 0);

        return $age < config()->integer('auth.password_timeout');
    }

    public function goesOnAt(Session $session, string $address): void
    {
        $session->put(self::THEN, $address);
    }

    /** @return string|null the address, once */
    public function then(Session $session): ?string
    {
        $then = $session->pull(self::THEN);

        return is_string($then) ? $then : null;
    }
}
