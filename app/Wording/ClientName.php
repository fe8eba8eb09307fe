<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Session;

/**
 * A client’s name, as a screen shows it that others may see: whole, or its first letters. Who hides names hides them on
 * every device but the one that stands at the desk.
 */
final class ClientName
{
    private const DESK = 'names.desk';

    public static function isHidden(): bool
    {
        $user = Auth::user();

        return $user instanceof User && $user->hides_names && ! self::isDesk();
    }

    /** Whether this device stands at the desk, where names are read by whoever books. */
    public static function isDesk(): bool
    {
        return Session::get(self::DESK) === true;
    }

    public static function setDesk(bool $isDesk): void
    {
        $isDesk ? Session::put(self::DESK, true) : Session::forget(self::DESK);
    }

    public static function shown(string $name): string
    {
        return self::isHidden() ? self::letters($name) : $name;
    }

    /** The first letter of each of its words. */
    private static function letters(string $name): string
    {
        $words = preg_split('/[\s-]+/u', trim($name), -1, PREG_SPLIT_NO_EMPTY);

        return implode(' ', array_map(
            static fn (string $word): string => mb_strtoupper(mb_substr($word, 0, 1)) . '.',
            $words === false ? [] : $words,
        ));
    }
}
