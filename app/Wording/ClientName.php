<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\User;
use Illuminate\Support\Facades\Auth;

/** A client’s name, as a screen shows it that others may see: whole, or the first letter alone. */
final class ClientName
{
    public static function isHidden(): bool
    {
        $user = Auth::user();

        return $user instanceof User && $user->hides_names;
    }

    public static function shown(string $name): string
    {
        return self::isHidden() ? mb_substr($name, 0, 1) . '.' : $name;
    }
}
