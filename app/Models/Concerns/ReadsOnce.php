<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;

/**
 * What a page asks of a row again and again is read once, as long as the row says the same: dates, {@see CarbonImmutable}
 * throughout, JSON, secrets. Nothing that is read so can be changed by who holds it, and no model's reading of one
 * column hangs on another.
 */
trait ReadsOnce
{
    /** @var array<string, array{mixed, mixed}> how each column stood, and what it was read as */
    private array $columnsRead = [];

    /**
     * @param string $key
     *
     * @return mixed
     */
    public function getAttributeValue($key)
    {
        $stands = $this->attributes[$key] ?? null;
        if ($stands === null) {
            return parent::getAttributeValue($key);
        }
        $read = $this->columnsRead[$key] ?? null;
        if ($read === null || $read[0] !== $stands) {
            $this->columnsRead[$key] = $read = [$stands, parent::getAttributeValue($key)];
        }

        return $read[1];
    }

    /** @return Carbon */
    protected function asDateTime($value)
    {
        return is_string($value)
            ? KeptMoments::of("moment {$value}", fn () => parent::asDateTime($value))
            : parent::asDateTime($value);
    }

    /** @return Carbon */
    protected function asDate($value)
    {
        return is_string($value)
            ? KeptMoments::of("day {$value}", fn () => parent::asDate($value))
            : parent::asDate($value);
    }
}
