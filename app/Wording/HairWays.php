<?php

declare(strict_types=1);

namespace App\Wording;

/** How this hair behaves beside most, in words: what is all assumption is not said. */
final class HairWays
{
    /** Share of the prior doubt that is left, from which on it is said to be mostly, or partly, estimated. */
    private const MOSTLY = 0.5;
    private const PARTLY = 0.15;

    /** Factors beside the usual below which each word holds, largest last. */
    private const WORDS = [
        'much-less' => 0.6, 'less' => 0.85, 'little-less' => 0.95, 'same' => 1.05, 'little-more' => 1.2, 'more' => 1.6,
    ];

    /**
     * @param array<string, float>      $learned share of prior doubt left, and the factor beside it
     * @param array<string, float>|null $length  in mm; null while it is not known
     *
     * @return list<string> a clause or sentence each
     */
    public static function of(array $learned, ?array $length): array
    {
        $ways = [];
        foreach (['moisture-fading', 'protein-fading', 'uptake'] as $name) {
            $left = $learned[$name] ?? 1.0;
            if (round(100 * $left) < 100 && isset($learned["{$name}-factor"])) {
                $ways[] = ucfirst(Words::say("now.ways.{$name}." . self::word($learned["{$name}-factor"])))
                    . match (true) {
                        $left >= self::MOSTLY => Words::say('now.ways.mostly'),
                        $left >= self::PARTLY => Words::say('now.ways.partly'),
                        default => '',
                    } . '.';
            }
        }

        return $length === null ? $ways : [...$ways, self::length($length)];
    }

    private static function word(float $factor): string
    {
        foreach (self::WORDS as $word => $below) {
            if ($factor < $below) {
                return $word;
            }
        }

        return 'much-more';
    }

    /** @param array<string, float> $length in mm */
    private static function length(array $length): string
    {
        $cm = static fn (float $mm): string => Words::number(round($mm / 10, 1));

        return Words::say('now.ways.length', [
            'days' => (int) $length['days'],
            'grown' => $cm($length['grown']),
            'trimmed' => $cm($length['trimmed']),
            'kept' => $cm($length['retained']),
            'broken' => $cm(max(0.0, $length['broken'])),
            'least' => $cm(max(0.0, $length['least'])),
            'most' => $cm(max(0.0, $length['most'])),
        ]);
    }
}
