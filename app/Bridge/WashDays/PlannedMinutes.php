<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Wording\Words;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\WashMinutes;

/** What the minutes of a wash day are made of: hands, what goes on by itself, drying; in words, and as kept. */
final readonly class PlannedMinutes
{
    public static function says(WashMinutes $minutes, string $drying): string
    {
        $parts = self::rounded($minutes, $drying) + ['care' => (int) round($minutes->care)];

        return Words::say($minutes->drying < 1 ? 'wash.parts' : 'wash.parts-and-drying', $parts);
    }

    /** Beside the minutes themselves. */
    public static function short(WashMinutes $minutes, string $drying): string
    {
        $parts = self::rounded($minutes, $drying);
        $care = Words::say($parts['free'] === 0 ? 'wash.parts-hands' : 'wash.parts-short', $parts);

        return $minutes->drying < 1 ? $care : Words::say('wash.parts-then', ['care' => $care] + $parts);
    }

    /** @return array{care: float, hands: float, drying: float, by: string} */
    public static function kept(WashMinutes $minutes, DryingMethod $by): array
    {
        return [
            'care' => round($minutes->care, 1), 'hands' => round($minutes->hands, 1),
            'drying' => round($minutes->drying, 1), 'by' => $by->value,
        ];
    }

    /** @param array<string, mixed>|null $kept null: nobody told them apart, as before */
    public static function shortOf(?array $kept): string
    {
        $number = static fn (string $name): float => is_numeric($kept[$name] ?? null) ? (float) $kept[$name] : 0.0;
        $by = is_string($kept['by'] ?? null) ? $kept['by'] : '';

        return $kept === null
            ? ''
            : self::short(new WashMinutes($number('care'), $number('hands'), $number('drying')), $by);
    }

    /** @param array<string, mixed>|null $kept null: nobody told them apart, as before */
    public static function beside(int $minutes, ?array $kept): string
    {
        return $kept === null
            ? ''
            : Words::say('wash.minutes-of', ['minutes' => $minutes, 'parts' => self::shortOf($kept)]);
    }

    /** @return array{hands: int, free: int, drying: int, how: string} */
    private static function rounded(WashMinutes $minutes, string $drying): array
    {
        // Each is what is left of the whole minutes that stand beside it.
        $hands = (int) round($minutes->hands);

        return [
            'hands' => $hands, 'free' => max(0, (int) round($minutes->care) - $hands),
            'drying' => $minutes->whole() - (int) round($minutes->care), 'how' => Words::of("dryings.{$drying}"),
        ];
    }
}
