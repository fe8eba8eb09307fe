<?php

declare(strict_types=1);

namespace App\Wording;

/** Puts stored steps into words for whoever does them at home: what, and how. */
final class HomeStepWords
{
    /** Those that go on by themselves for their minutes: a phone can count them. */
    private const COUNTED = ['pre-wash', 'mild-protein', 'strong-protein', 'mask', 'conditioner'];

    /**
     * @param array<string, mixed> $step as in a care record
     *
     * @return array{what: string, how: string, minutes: int} minutes to count down; 0: none
     */
    public static function of(array $step): array
    {
        $kind = self::text($step, 'kind');
        $minutes = (int) round(self::number($step, 'minutes'));
        $key = 'home-routine.steps.' . match ($kind) {
            'cleanse' => 'cleanse.' . self::text($step, 'cleanse'),
            'pre-wash' => 'pre-wash.' . self::text($step, 'how'),
            'mask' => ($step['heat'] ?? false) === true ? 'mask-heat' : 'mask',
            'detangle' => 'detangle.' . self::text($step, 'how'),
            default => $kind,
        };
        if (! trans()->has("{$key}.what")) {
            return ['what' => StepWords::line($step), 'how' => '', 'minutes' => 0];
        }
        $passes = max(1, (int) self::number($step, 'passes'));
        $what = trans_choice("{$key}.what", $passes, ['minutes' => $minutes]);
        $isCounted = $minutes > 0 && in_array($kind, self::COUNTED, true);

        return [
            'what' => ($step['evening_before'] ?? false) === true
                ? Words::say('home-routine.evening-before', ['what' => $what])
                : ($isCounted ? Words::say('home-routine.for', ['what' => $what, 'minutes' => $minutes]) : $what),
            'how' => Words::say("{$key}.how"),
            'minutes' => $isCounted ? $minutes : 0,
        ];
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
}
