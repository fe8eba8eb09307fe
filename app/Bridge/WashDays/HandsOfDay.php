<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\WashStepKind;

/** What the hands of a wash day did beside its treatments, as far as the next one can be done the same way. */
final class HandsOfDay
{
    /** Looked at with the hand in the hair: what was said last counts. */
    public const WATER = ['squelches', 'milky', 'on-top'];
    /** Steps some days have and others do not. */
    private const EXTRA = [
        WashStepKind::HerbRinse, WashStepKind::Wrap, WashStepKind::Mist, WashStepKind::ScalpOil,
        WashStepKind::TakeDown,
    ];
    private const WORKS = [
        'washing' => WashStepKind::Cleanse, 'detangling' => WashStepKind::Detangle, 'styling' => WashStepKind::Style,
    ];

    private const DRYING = [
        'dry-air' => DryingMethod::Air, 'dry-fan' => DryingMethod::Air, 'dry-diffuse-high' => DryingMethod::Diffuse,
        'dry-diffuse-medium' => DryingMethod::Diffuse, 'dry-diffuse-cool' => DryingMethod::Diffuse,
        'dry-hood' => DryingMethod::Hood,
    ];

    /** @return DryingMethod|null how it was dried by what was put in, the last of it; null: as it was laid out */
    public static function dried(WashSessionState $state): ?DryingMethod
    {
        $dried = null;
        foreach ($state->steps() as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            if (($step['kind'] ?? '') === WashStepKind::Dry->value && $state->isDone($key)) {
                $dried = self::DRYING[$state->templateOf($key) ?? ''] ?? null;
            }
        }

        return $dried;
    }

    /**
     * @return array{
     *     amounts: array<string, float>, water: string|null, sections: array<string, int>, extra: list<string>,
     * } amounts in mL by name of the bottle
     */
    public static function of(WashSessionState $state): array
    {
        $hands = ['amounts' => [], 'water' => null, 'sections' => [], 'extra' => []];
        foreach ($state->steps() as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            $kind = WashStepKind::tryFrom(is_string($step['kind'] ?? null) ? $step['kind'] : '');
            if ($kind === null || ! $state->isDone($key)) {
                continue;
            }
            $bottle = StepBottle::taken($step, $state);
            if ($bottle !== null) {
                $hands['amounts'][$bottle->name] = ($hands['amounts'][$bottle->name] ?? 0.0) + $bottle->ml;
            }
            foreach (self::WATER as $said) {
                $hands['water'] = $kind === WashStepKind::Style && $state->count($key, $said) > 0
                    ? $said
                    : $hands['water'];
            }
            $work = array_search($kind, self::WORKS, true);
            if (is_string($work) && $state->sectionsOf($key) !== null) {
                // A second styler to lock goes over what the first defined.
                $hands['sections'][$work] ??= $state->sectionsOf($key);
            }
            if (in_array($kind, self::EXTRA, true)) {
                $hands['extra'][] = $kind->value;
            }
        }

        return ['extra' => array_values(array_unique($hands['extra']))] + $hands;
    }
}
