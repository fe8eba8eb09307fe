<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\WithinMinutes;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** Where a way of the beam stands: ways that stand alike are one, and the cheapest of them is kept. */
final class BeamPlace
{
    /** More than any wash day has minutes, so that a broken rule always outweighs them. */
    public const ONE_RULE = 10_000.0;

    /**
     * Ways that end up in the same place with the same memory differ only in cost.
     *
     * @param array<int, float> $means
     */
    public static function place(array $means, RuleContext $standing, WashOption $choice, int $day): string
    {
        $key = ($choice->protein === StepKind::StrongProtein ? $day : $standing->lastStrong)
            . '|' . ($choice->cleanse->clarifies() ? $day : $standing->lastClarify)
            . '|' . self::recentProtein($standing, $choice, $day)
            . '|' . ($choice->protein === null ? '' : 'protein')
            . '|' . ($choice->cleanse === CleanseKind::CoWash ? 'co-wash' : '')
            . '|'
                . (
                    $standing->terms->stock === []
                        ? ''
                        : implode(',', $standing->next($choice, $day, null, new HairThen())->used)
                )
            . '/' . ($choice->masks() ? $day : $standing->lastMask);
        foreach ($means as $i => $value) {
            $key .= '|' . (int) ($value / ($i % 4 < 2 ? 2.5 : 6));
        }

        return $key;
    }

    /** Protein is remembered for as long as it bars the next. */
    private static function recentProtein(RuleContext $standing, WashOption $choice, int $day): int|string
    {
        $last = $choice->protein === null ? $standing->lastProtein : $day;
        $next = $standing->nextWash ?? $day;
        $limits = $standing->limits();

        return $last !== null && $next - $last < max($limits->looksApartDays, $limits->strongAfterMildDays) ? $last : '';
    }

    /** @param list<Rule> $broken by a way to wash this head */
    public static function weight(array $broken, WashOption $choice, Head $head): float
    {
        $weight = 0.0;
        foreach ($broken as $rule) {
            $weight += self::ONE_RULE + ($rule instanceof WithinMinutes ? $choice->minutes($head) : 0.0);
        }

        return $weight;
    }
}
