<?php

declare(strict_types=1);

namespace App\Wording;

use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;

/** Puts stored steps into words for whoever does them at home: what, and how it is done by the head's method. */
final class HomeStepWords
{
    /** Those that go on by themselves for their minutes: a phone can count them. */
    private const COUNTED = ['pre-wash', 'mild-protein', 'strong-protein', 'mask', 'conditioner'];

    /**
     * @param array<string, mixed> $step as in a care record
     *
     * @return array{what: string, how: string, minutes: int} minutes to count down; 0: none
     */
    public static function of(array $step, Method $method): array
    {
        $kind = self::text($step, 'kind');
        $minutes = (int) round(self::number($step, 'minutes'));
        $key = 'home-routine.steps.' . match ($kind) {
            'cleanse' => 'cleanse.' . self::text($step, 'cleanse'),
            'pre-wash' => 'pre-wash.' . self::text($step, 'how'),
            'mask' => ($step['heat'] ?? false) === true ? 'mask-heat' : 'mask',
            'detangle' => 'detangle.' . self::text($step, 'how'),
            'leave-in' => $method->says(MethodQuestion::StylingOn, 'damp') ? 'leave-in-damp' : 'leave-in',
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
            'how' => self::how($key, $step, $method),
            'minutes' => $isCounted ? $minutes : 0,
        ];
    }

    /** @param array<string, mixed> $step */
    private static function how(string $key, array $step, Method $method): string
    {
        $isDry = str_starts_with(self::text($step, 'how'), 'dry');
        $ways = [
            'water' => $method->choice(MethodQuestion::MaskWater),
            'reach' => $method->choice(MethodQuestion::MaskReach),
            'residue' => $method->choice(MethodQuestion::Residue),
            'suds' => $method->choice(MethodQuestion::ShampooReach),
            'sections' => $method->choice(MethodQuestion::ShampooSections),
            'when' => $isDry ? 'dry-with-oil' : $method->choice(MethodQuestion::Detangling),
            'tools' => self::text($step, 'tool') ?: 'comb',
        ];
        $said = array_map(
            static fn (string $way, string $choice): string => Words::say("home-routine.ways.{$way}.{$choice}"),
            array_keys($ways),
            $ways,
        );

        $how = Words::say("{$key}.how", array_combine(array_keys($ways), $said));

        // A way that adds nothing leaves its two spaces behind.
        return trim((string) preg_replace('/ {2,}/', ' ', $how));
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
