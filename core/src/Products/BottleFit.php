<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Treatments\CleanseKind;

/** How far a bottle that can do a step is from just what was planned: protein nobody asked for, a harder cleanse. */
final readonly class BottleFit
{
    private const PROTEIN = ['none' => 0, 'mild' => 1, 'mild-to-strong' => 2, 'strong' => 3];
    private const CLEANSING = ['none' => 0, 'mild' => 0, 'medium' => 1, 'strong' => 2];

    /** @return int 0 where it does just what was planned, more the further it is from it */
    public static function stepsAway(BottleNeed $need, BottleFacts $bottle): int
    {
        return self::protein($need, $bottle) + self::cleansing($need, $bottle);
    }

    private static function protein(BottleNeed $need, BottleFacts $bottle): int
    {
        return abs((self::PROTEIN[$need->protein ?? 'none']) - (self::PROTEIN[$bottle->protein] ?? 0));
    }

    private static function cleansing(BottleNeed $need, BottleFacts $bottle): int
    {
        $hard = self::CLEANSING[$bottle->surfactants] ?? 0;

        return match ($need->cleanse) {
            CleanseKind::Gentle, CleanseKind::LowLather, CleanseKind::CoWash => $hard,
            CleanseKind::Shampoo => abs($hard - self::CLEANSING['medium']),
            CleanseKind::Clarifying, CleanseKind::Chelating => self::CLEANSING['strong'] - $hard,
            default => 0,
        };
    }
}
