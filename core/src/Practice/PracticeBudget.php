<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** What a practice client has of time and money. Nothing beyond it can be done; a plain wash always can. */
final readonly class PracticeBudget
{
    /**
     * @param int   $testMinutes  of hair tests at one visit
     * @param int   $visitMinutes of the wash at one visit
     * @param int   $homeMinutes  of one wash at home
     * @param float $money        for treatments over all visits and the washes at home, in currency units
     */
    public function __construct(
        public int $testMinutes,
        public int $visitMinutes,
        public int $homeMinutes,
        public float $money,
    ) {
    }

    /** @return float currency units that one wash takes for its treatments */
    public static function price(WashOption $choice, Head $head): float
    {
        return (new PlanTerms())->price($choice, $head->parameters->planning);
    }

    /** The nearest to a decision that there is time and money for, what comes first first. */
    public function affordable(PracticeDecision $decision, Head $head, float $money): PracticeDecision
    {
        $fit = function (WashOption $choice, int $minutes) use ($head, &$money): WashOption {
            if (! $this->fits($choice, $head, $minutes, $money)) {
                $choice = $this->nearest($choice, $head, $minutes, $money);
            }
            $money -= self::price($choice, $head);

            return $choice;
        };
        $today = $decision->today === null ? null : $fit($decision->today, $this->visitMinutes);
        $home = $decision->home;
        ksort($home);

        return new PracticeDecision(
            $decision->belief,
            $today,
            array_map(fn (WashOption $choice): WashOption => $fit($choice, $this->homeMinutes), $home),
            $decision->porosity,
            $decision->bottles,
            $decision->homeBottles,
        );
    }

    /**
     * The nearest to a wash that fits: without its pre-wash, then with a short mask, without protein, without its mask,
     * and plain at last.
     *
     * @param int   $minutes for it
     * @param float $money   left
     */
    public function nearest(WashOption $choice, Head $head, int $minutes, float $money): WashOption
    {
        $usual = $head->parameters->washDay;
        $hurried = self::hurried($choice, $choice->conditioningMinutes);
        $ways = [
            $choice,
            $hurried,
            self::hurried($choice, min($choice->conditioningMinutes, $usual->shortestMaskMinutes)),
            $hurried->without(StepKind::MildProtein, CleanseKind::Gentle, $usual),
            $hurried->without(StepKind::Mask, CleanseKind::Gentle, $usual),
        ];
        foreach ($ways as $way) {
            if ($way->minutes($head) <= $minutes && self::price($way, $head) <= $money) {
                return $way;
            }
        }

        return self::plain($head);
    }

    /** Whether a wash fits. What is no more than plain always does. */
    public function fits(WashOption $choice, Head $head, int $minutes, float $money): bool
    {
        $plain = self::plain($head);

        return $choice->minutes($head) <= max($minutes, $plain->minutes($head))
            && self::price($choice, $head) <= max(0.0, $money);
    }

    /** The same without a pre-wash, and with so many minutes for the mask or the rinse-out. */
    private static function hurried(WashOption $choice, float $minutes): WashOption
    {
        return new WashOption(
            $choice->cleanse,
            $choice->passes,
            $choice->conditioning,
            $minutes,
            $choice->heat,
            $choice->protein,
            oilsScalp: $choice->oilsScalp,
            oils: $choice->oils,
            proteinMinutes: $choice->proteinMinutes,
        );
    }

    private static function plain(Head $head): WashOption
    {
        return new WashOption(
            CleanseKind::Gentle,
            1,
            StepKind::Conditioner,
            $head->parameters->washDay->stepMinutes['conditioner'],
        );
    }
}
