<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Database\Eloquent\ComparesCastableAttributes;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;

/**
 * Yes or no, encrypted, no as well as yes: that something stands there tells nothing. What no key opens is taken as
 * yes, since these are cautions.
 *
 * @implements CastsAttributes<bool, bool>
 */
final class SealedFlag implements CastsAttributes, ComparesCastableAttributes
{
    private const YES = '1';

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): bool
    {
        return is_string($value) && self::isRaised($value);
    }

    /**
     * @param mixed                $value true, false, or a tick as a form sends it
     * @param array<string, mixed> $attributes
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return Crypt::encryptString(filter_var($value, FILTER_VALIDATE_BOOL) ? self::YES : '0');
    }

    public function compare(Model $model, string $key, mixed $firstValue, mixed $secondValue): bool
    {
        return is_string($firstValue) && is_string($secondValue)
            ? self::isRaised($firstValue) === self::isRaised($secondValue)
            : $firstValue === $secondValue;
    }

    /** @param string $sealed as the column or the trail keeps it */
    public static function isRaised(string $sealed): bool
    {
        try {
            return Crypt::decryptString($sealed) === self::YES;
        } catch (DecryptException) {
            return true;
        }
    }
}
