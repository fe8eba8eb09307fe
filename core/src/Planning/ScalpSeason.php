<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Closure;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Scalp\ScalpCareDay;
use Nagomi\Core\Scalp\ScalpDay;
use Nagomi\Core\Scalp\ScalpForecast;
use Nagomi\Core\Scalp\ScalpNeeds;
use Nagomi\Core\Scalp\ScalpPlan;
use Nagomi\Core\Scalp\ScalpRhythm;
use Nagomi\Core\Scalp\ScalpState;
use Nagomi\Core\Treatments\CleanseKind;

/** What the scalp has to say in a season: how often it is washed, with what, and what it comes to. */
final readonly class ScalpSeason
{
    /** A season is searched so often at most; what the scalp asks for beyond is settled day by day. */
    private const SEARCHES = 4;

    /** Null where the scalp was not read. */
    public ?ScalpRhythm $rhythm;

    private Head $head;
    private Humidity $air;

    public function __construct(private Snapshot $start, private PlanTerms $terms)
    {
        $this->head = $start->state->layout->head;
        $this->air = $start->state->layout->air;
        $soonest = $this->head->parameters->planning->washDaysApartDays;
        $this->rhythm = $terms->scalp === null
            ? null
            : ScalpRhythm::of($terms->scalp, $this->head, $this->air, $soonest);
    }

    /** Days between two wash days; null: the client's own rhythm. */
    public function every(): ?int
    {
        return $this->terms->keepsRhythm ? null : $this->rhythm?->days;
    }

    /**
     * The terms with what the scalp asks for on the wash days that were found.
     *
     * @param list<int>             $washDays days counted from today
     * @param list<WashOption>|null $choices  what is done on them; null: what is usual
     */
    public function termsOver(array $washDays, ?array $choices = null): PlanTerms
    {
        [$scalp, $rhythm] = [$this->terms->scalp, $this->rhythm];
        if ($scalp === null || $rhythm === null) {
            return $this->terms;
        }
        $on = $choices === null ? [] : array_combine($washDays, $choices);
        $done = fn (int $day): ?array => isset($on[$day]) ? $on[$day]->steps($this->head) : null;

        return $this->terms->caringForScalp(
            ScalpPlan::over($scalp, $rhythm, $this->head, $this->air, $washDays, $done),
        );
    }

    /**
     * A season searched with what the scalp asks for, settled with it, and the terms as they are then.
     *
     * @param Closure(PlanTerms): list<WashOption> $search   one for each wash day
     * @param PlanTerms                            $terms    with what the scalp asks for where it is washed as usual
     * @param list<int>                            $washDays days counted from today
     *
     * @return array{list<WashOption>, PlanTerms}
     */
    public function searchedWith(Closure $search, PlanTerms $terms, array $washDays): array
    {
        // A search may wash milder than was thought of the scalp, which then asks for more: that is searched anew. What
        // it asked for once stands, or the two would run after each other.
        for ($round = 1; ; $round++) {
            $best = $this->settled($search($terms), $washDays, $terms->scalpPlan);
            $asked = $this->termsOver($washDays, $best)->scalpPlan;
            if ($asked === null || $terms->scalpPlan === null) {
                return [$best, $terms];
            }
            $isMet = $asked->asksNoMoreThan($terms->scalpPlan);
            $terms = $terms->caringForScalp($asked->and($terms->scalpPlan));
            if ($isMet || $round === self::SEARCHES) {
                return [$best, $terms];
            }
        }
    }

    /**
     * The season as the scalp asks for it, day after day by what was done before: scalp care where it is due and nothing
     * clarifies, a shampoo where it is oily, and no oil where it does not bear any. What days set by hand say stays.
     *
     * @param list<WashOption> $choices  one for each wash day
     * @param list<int>        $washDays days counted from today
     * @param ScalpPlan|null   $searched what the scalp asked for when it was searched
     *
     * @return list<WashOption>
     */
    private function settled(array $choices, array $washDays, ?ScalpPlan $searched): array
    {
        if ($this->terms->scalp === null) {
            return $choices;
        }
        $needs = new ScalpNeeds($this->head);
        $on = array_combine($washDays, $choices);
        ScalpForecast::through(
            $this->terms->scalp,
            function (int $day, ScalpState $morning) use ($needs, $searched, &$on): array {
                if (! isset($on[$day])) {
                    return [];
                }
                $date = $this->start->date->modify("+{$day} days");
                $asks = ScalpPlan::day($morning, $needs, $this->head);
                $asks = $asks->and($searched?->on($date) ?? $asks);
                $isDecided = $this->terms->setByHand($date) !== null
                    || $this->terms->keepsTo(ProgrammeKind::GentleCleansing, $date);
                $on[$day] = $isDecided ? $on[$day] : $this->asAsked($on[$day], $asks);
                $on[$day] = $asks->bearsOil ? $on[$day] : $on[$day]->withoutScalpOil();

                return $on[$day]->steps($this->head);
            },
            $washDays === [] ? 0 : max($washDays),
            $this->air,
            $this->head->parameters->scalp,
        );

        return array_values($on);
    }

    private function asAsked(WashOption $choice, ScalpCareDay $asks): WashOption
    {
        $isWeak = in_array(
            $choice->cleanse,
            [CleanseKind::CoWash, CleanseKind::LowLather, CleanseKind::Gentle],
            true,
        );
        return match (true) {
            $choice->cleanse->clarifies() => $choice,
            $asks->for !== null => $choice->cleansedWith(CleanseKind::ScalpCare),
            $choice->cleanse === CleanseKind::ScalpCare, $asks->isOily && $isWeak => $choice->cleansedWith(
                WashOptions::usualCleanse($this->head),
            ),
            default => $choice,
        };
    }

    /**
     * @param list<int>        $washDays days counted from today
     * @param list<WashOption> $choices  one for each
     *
     * @return list<ScalpDay> one for each day from today; [] where the scalp was not read
     */
    public function forecast(array $washDays, array $choices, int $horizon): array
    {
        $on = array_combine($washDays, $choices);

        return $this->terms->scalp === null
            ? []
            : ScalpForecast::through(
                $this->terms->scalp,
                fn (int $day): array => isset($on[$day]) ? $on[$day]->steps($this->head) : [],
                $horizon,
                $this->air,
                $this->head->parameters->scalp,
            );
    }
}
