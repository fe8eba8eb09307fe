<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Wording\Words;
use Nagomi\Core\WashDay\WashMinutes;

/** What the minutes of a wash day are made of, in words: hands, what goes on by itself, drying. */
final readonly class PlannedMinutes
{
    public static function says(WashMinutes $minutes, string $drying): string
    {
        $parts = [
            'care' => (int) round($minutes->care), 'hands' => (int) round($minutes->hands),
            'free' => (int) round($minutes->free()), 'drying' => (int) round($minutes->drying),
            'how' => Words::of("dryings.{$drying}"),
        ];

        return Words::say($minutes->drying < 1 ? 'wash.parts' : 'wash.parts-and-drying', $parts);
    }
}
