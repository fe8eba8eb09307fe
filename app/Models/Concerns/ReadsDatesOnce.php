<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;

/** Dates of rows that a page asks for again and again: {@see CarbonImmutable} throughout, so each is made once. */
trait ReadsDatesOnce
{
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
