<?php

declare(strict_types=1);

namespace App\Wording;

/** Puts stored steps into the words of the trade. */
final class StepWords
{
    /** @param array<string, mixed> $step as in a care record */
    public static function line(array $step): string
    {
        $kind = self::text($step, 'kind');
        $words = [];
        $words[] = match ($kind) {
            'cleanse' => self::word('cleanses', self::text($step, 'cleanse')),
            'pre-wash' => self::word('pre_washes', self::text($step, 'how')),
            default => self::word('steps', $kind),
        };
        if (self::number($step, 'passes') > 1) {
            $words[] = '× ' . (int) self::number($step, 'passes');
        }
        if (self::number($step, 'minutes') > 0) {
            $words[] = self::round(self::number($step, 'minutes')) . ' min';
        }
        if (($step['heat'] ?? false) === true) {
            $words[] = Words::say('trial-results.with-heat');
        }
        if ($kind === 'detangle') {
            $words[] = '('
                . self::word('tools', self::text($step, 'tool'))
                . ', '
                . self::word('detangling', self::text($step, 'how'))
                . ')';
        }
        $groups = ['swim' => 'swims', 'up-style' => 'up_styles', 'heat-tool' => 'heat_tools'];
        if (isset($groups[$kind])) {
            $words[] = self::word($groups[$kind], self::text($step, 'how'));
        }
        if (($step['evening_before'] ?? false) === true) {
            $words[] = Words::say('wash.evening-before');
        }
        if ($kind === 'trim') {
            $words[] = self::round(self::number($step, 'millimetres')) . ' mm';
        }

        return implode(' ', $words);
    }

    /**
     * The steps that make this day different, in one line.
     *
     * @param list<array<string, mixed>> $steps
     */
    public static function summary(array $steps): string
    {
        $shown = array_filter($steps, fn (array $step): bool => in_array(self::text($step, 'kind'), [
            'cleanse', 'mild-protein', 'strong-protein', 'mask', 'conditioner', 'chemical-service', 'trim', 'heat-tool',
            'swim', 'up-style', 'scalp-oil',
        ], true));

        return ucfirst(implode(
            ', ',
            array_map(fn (array $step): string => lcfirst(self::line($step)), $shown === [] ? $steps : $shown),
        ));
    }

    private static function word(string $group, string $key): string
    {
        return Words::of("{$group}.{$key}");
    }

    /** @param array<string, mixed> $step */
    private static function text(array $step, string $name): string
    {
        return is_string($step[$name] ?? null) ? $step[$name] : '';
    }

    /** @param array<string, mixed> $step */
    private static function number(array $step, string $name): float
    {
        return is_int($step[$name] ?? null) || is_float($step[$name] ?? null) ? (float) $step[$name] : 0.0;
    }

    private static function round(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
