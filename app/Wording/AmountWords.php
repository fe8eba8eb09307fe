<?php

declare(strict_types=1);

namespace App\Wording;

/** Amounts as a hand measures them. */
final class AmountWords
{
    /**
     * @param float|null $aSection       presses a section; null: not said by section
     * @param int|null   $sectionsAPress sections one press is for; null: not said so
     */
    public static function presses(?float $aSection, ?int $sectionsAPress, float $inAll): string
    {
        return match (true) {
            $aSection !== null => self::counted('amounts.presses.a-section', $aSection),
            $sectionsAPress !== null => Words::say('amounts.presses.for-sections', ['sections' => $sectionsAPress]),
            default => self::counted('amounts.presses.in-all', $inAll),
        };
    }

    /** @param 'drops'|'teaspoon'|'tablespoon' $unit */
    public static function measure(string $unit, float $least, float $most): string
    {
        return $least === $most
            ? self::counted("amounts.{$unit}", $most)
            : Words::say('amounts.between', [
                'least' => self::number($least),
                'most' => self::counted("amounts.{$unit}", $most),
            ]);
    }

    private static function counted(string $key, float $count): string
    {
        // A half is one of it as well: half a teaspoon, one and a half teaspoons.
        return trans_choice($key, $count > 1.0 ? 2 : 1, ['number' => self::number($count)]);
    }

    private static function number(float $number): string
    {
        return match (true) {
            $number === 0.5 => '½',
            fmod($number, 1.0) === 0.5 => floor($number) . '½',
            default => number_format($number, 0),
        };
    }
}
