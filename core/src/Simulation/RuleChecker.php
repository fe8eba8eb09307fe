<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Treatments\Step;

/** Tells breaches of the trade's hard rules from days and steps alone; shares nothing with the planner's rules. */
final class RuleChecker
{
    /** @var array<string, int> day of the last of each treatment */
    private array $last = [];

    private bool $proteinBefore = false;

    public function __construct(private readonly Head $head)
    {
    }

    /**
     * @param int        $day   counted from any day, ascending
     * @param list<Step> $steps
     *
     * @return list<string> what was breached on this wash day
     */
    public function washDay(int $day, array $steps): array
    {
        $kinds = array_map(static fn (Step $step): string => $step->cleanse->value ?? $step->kind->value, $steps);
        $strong = in_array('strong-protein', $kinds, true);
        $mild = in_array('mild-protein', $kinds, true);
        $clarify = array_intersect(['clarifying', 'chelating'], $kinds) !== [];
        $mask = in_array('mask', $kinds, true);
        $heavy = $this->head->load === StylingLoad::Heavy || $this->head->swims || $this->head->hardnessMgPerL > 180;
        $breaches = array_keys(array_filter([
            'strong protein after less than 28 days' => $strong && $this->since('strong', $day) < 28,
            'mild protein after less than 14 days of strong' => $mild && $this->since('strong', $day) < 14,
            'strong protein after less than 7 days of mild' => $strong && $this->since('mild', $day) < 7,
            'strong protein within 14 days of a chemical service' => $strong && $this->since('service', $day) < 14,
            'clarified within 14 days of a chemical service' => $clarify && $this->since('service', $day) <= 14,
            'strong protein without a mask' => $strong && ! $mask,
            'mild protein at two washes running' => $mild && $this->proteinBefore,
            'clarified too soon' => $clarify && $this->since('clarify', $day) < ($heavy ? 9 : 14),
            'clarified without conditioning' => $clarify && ! $mask && ! in_array('conditioner', $kinds, true),
            'no mask for over 35 days' => ! $mask && isset($this->last['mask']) && $this->since('mask', $day) > 35,
            'protein on a head that is spared it' => ($strong || $mild)
                && ($this->head->proteinSensitive || $this->head->method->says(MethodQuestion::Protein, 'avoided')),
            'clarified on a sore scalp' => $clarify && $this->head->soreScalp,
            'heat on a sore scalp' => $this->head->soreScalp
                && array_filter($steps, static fn (Step $step): bool => $step->heat) !== [],
            'treated before a sign was cleared' => $this->head->redSign && ($strong || $mild || $clarify),
            'oil on a head that uses none' => $this->head->method->choices['oils'] === 'none'
                && array_filter(
                    $steps,
                    static fn (Step $step): bool => $step->how === 'oil' || $step->kind->value === 'seal',
                ) !== [],
            'longer than the client has time for' => $this->head->minutesLimit !== null
                && $this->atLeastMinutes($steps) > $this->head->minutesLimit,
            'more than two passes' => array_filter($steps, static fn (Step $step): bool => $step->passes > 2) !== [],
        ]));
        $this->remember($day, $kinds, [
            'strong' => $strong, 'mild' => $mild, 'clarify' => $clarify, 'mask' => $mask,
            'service' => in_array('chemical-service', $kinds, true),
        ], $strong || $mild);

        return $breaches;
    }

    /**
     * @param list<string>        $kinds
     * @param array<string, bool> $done
     */
    private function remember(int $day, array $kinds, array $done, bool $protein): void
    {
        foreach (array_keys(array_filter($done)) as $what) {
            $this->last[$what] = $day;
        }
        // A swim or a style between two washes is no wash.
        if (
            array_diff($kinds, ['swim', 'wetting', 'up-style', 'trim', 'heat-tool', 'chemical-service', 'seal']) !== []
        ) {
            $this->proteinBefore = $protein;
        }
    }

    private function since(string $what, int $day): int
    {
        return isset($this->last[$what]) ? $day - $this->last[$what] : PHP_INT_MAX;
    }

    /**
     * Contact times alone, without a hand lifted: no plan can be shorter.
     *
     * @param list<Step> $steps
     */
    private function atLeastMinutes(array $steps): float
    {
        return array_sum(array_map(static fn (Step $step): float => $step->minutes ?? 0.0, $steps));
    }
}
