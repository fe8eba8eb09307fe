<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;

/**
 * Every act on what is said of somebody's health stands in the trail: which field, in words anybody reads, and its
 * values before and
 * after, which only who holds the key can open.
 */
trait KeepsHealthTrail
{
    public static function bootKeepsHealthTrail(): void
    {
        static::created(fn (Model $model) => self::trail($model, true));
        static::updated(fn (Model $model) => self::trail($model, false));
    }

    /** @return array<string, string> name of the field in words, by attribute */
    abstract public static function healthFields(): array;

    private static function trail(Model $model, bool $isNew): void
    {
        foreach (self::healthFields() as $field => $words) {
            $before = $isNew ? null : $model->getOriginal($field);
            $after = $model->getAttribute($field);
            if ($before === $after || in_array($before, [null, ''], true) && in_array($after, [null, ''], true)) {
                continue;
            }
            activity()->performedOn($model)->withProperties([
                'field' => $words,
                'before' => is_string($before) && $before !== '' ? Crypt::encryptString($before) : null,
                'after' => is_string($after) && $after !== '' ? Crypt::encryptString($after) : null,
            ])->log(in_array($after, [null, ''], true) ? "{$words} emptied" : "{$words} changed");
        }
    }
}
