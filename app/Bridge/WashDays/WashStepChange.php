<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

/**
 * A step of a wash day as somebody changed it: minutes of hands and on the hair, tool, heat, sections, millimetres. The
 * tablet does the same in public/js/screens/parts/wash-steps.js; tests/fixtures/wash-machine.json holds both.
 */
final class WashStepChange
{
    public const MOST_HANDS_MINUTES = 240;
    public const MOST_ON_MINUTES = 720;
    public const MOST_SECTIONS = 16;
    public const TOOLS = ['fingers', 'comb', 'brush'];

    /**
     * Whether a step has what was said of it: a rinse has no tool, and only a trim cuts.
     *
     * @param array<string, mixed>     $step
     * @param array<array-key, mixed>  $set
     */
    public static function fits(array $step, array $set): bool
    {
        $books = is_array($step['books'] ?? null) ? $step['books'] : [];
        $waits = is_numeric($step['waiting_minutes'] ?? null) && $step['waiting_minutes'] > 0;
        foreach (array_keys($set) as $name) {
            $has = match ($name) {
                'on' => $waits || (isset($books['minutes']) && ($step['kind'] ?? '') !== 'detangle'),
                'sections' => is_int($step['sections'] ?? null),
                'tool' => ($step['tool'] ?? null) !== null,
                'heat' => ($step['kind'] ?? '') === 'mask',
                'mm' => ($step['kind'] ?? '') === 'trim',
                default => true,
            };
            if (! $has) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<string, mixed> $step of the plan or the palette
     * @param array<string, mixed> $set  what was said of it; what was not said stays
     * @param float                $partMinutes that a section more takes
     *
     * @return array<string, mixed>
     */
    public static function applied(array $step, array $set, float $partMinutes): array
    {
        $books = is_array($step['books'] ?? null) ? $step['books'] : null;
        if (is_int($set['sections'] ?? null) && is_int($step['sections'] ?? null)) {
            $step['hands_on_minutes'] = self::hands($step, $set['sections'], $partMinutes);
            $step['sections'] = $set['sections'];
        }
        if (is_numeric($set['hands'] ?? null)) {
            $step['hands_on_minutes'] = (float) $set['hands'];
        }
        if (is_numeric($set['on'] ?? null)) {
            $step['waiting_minutes'] = (float) $set['on'];
            $books = $books === null ? null : ['minutes' => (float) $set['on']] + $books;
        }
        foreach (['tool' => 'tool', 'heat' => 'heat', 'mm' => 'millimetres'] as $said => $name) {
            if (array_key_exists($said, $set)) {
                $step[$name] = $set[$said];
                $books = $books === null ? null : [$name => $set[$said]] + $books;
            }
        }

        return ['books' => $books] + $step;
    }

    /**
     * Styling goes section by section; the rest is the same hair, and each section more costs its parting.
     *
     * @param array<string, mixed> $step
     */
    private static function hands(array $step, int $sections, float $partMinutes): float
    {
        $hands = is_numeric($step['hands_on_minutes'] ?? null) ? (float) $step['hands_on_minutes'] : 0.0;
        $before = is_int($step['sections'] ?? null) ? max(1, $step['sections']) : 1;

        return in_array($step['kind'] ?? '', ['style', 'part'], true)
            ? $hands * $sections / $before
            : max($hands / 2, $hands + ($sections - $before) * $partMinutes);
    }
}
