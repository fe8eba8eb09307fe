<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\URL;

/**
 * A link by which somebody chooses another password: signed, good for a day, and for as long as the password is the one it
 * was made at.
 */
final readonly class PasswordLink
{
    private const GOOD_HOURS = 24;

    public static function of(User $user): string
    {
        return URL::temporarySignedRoute(
            'passwords.show',
            CarbonImmutable::now()->addHours(self::GOOD_HOURS),
            ['user' => $user->account()->id, 'of' => self::mark($user)],
        );
    }

    /** @param string $of what the link says of the password it was made at */
    public static function isGood(User $user, string $of): bool
    {
        return hash_equals(self::mark($user), $of);
    }

    private static function mark(User $user): string
    {
        return substr(hash('sha256', $user->getAuthPassword()), 0, 20);
    }
}
