<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\Calendar;
use WeakMap;

/**
 * The means of a head on their way through a season, without covariance: the numbers the search works on.
 * A stratum is four numbers in a row: moisture, protein, washable and stubborn build-up. It moves exactly as the forecast
 * moves the mean; core/tests/Planning/PlannerTest.php holds the two together.
 */
final class MeanSimulator
{
    public readonly Head $head;

    /** @var array<int, true> days that count, counted from today */
    private readonly array $bestDays;

    private readonly float $uptake;
    private readonly DayCost $dayCost;
    private readonly MeanFading $fading;

    /** @var WeakMap<WashOption, OptionEffects> in the salon */
    private readonly WeakMap $effects;

    /** @var WeakMap<WashOption, OptionEffects> at home, where some of it is left out */
    private readonly WeakMap $effectsAtHome;

    private readonly HomeHabits $habits;

    /** @var array<int, bool> whether it is washed at home, by day counted from today */
    private array $atHome;

    private readonly DateTimeImmutable $today;

    /** @param self|null $like of the same head and terms: ways to wash are known from it, where hair takes up alike */
    public function __construct(
        Snapshot $from,
        private readonly ForecastUncertainty $doubt,
        public readonly PlanTerms $terms = new PlanTerms(),
        ?self $like = null,
    ) {
        $start = $from->state;
        $this->today = $from->date;
        $this->head = $start->layout->head;
        $this->uptake = exp($start->mean[$start->layout->uptake]);
        $this->dayCost = $like?->doubt === $doubt ? $like->dayCost : new DayCost($this->head, $doubt);
        $this->fading = new MeanFading($start, $this->today, $like?->fading);
        $this->bestDays = self::bestDays($terms, $this->today);
        $alike = $like?->uptake === $this->uptake ? $like : null;
        [$this->effects, $this->effectsAtHome] = $alike === null
            ? self::nothingKnown()
            : [$alike->effects, $alike->effectsAtHome];
        $this->atHome = $like === null ? [] : $like->atHome;
        $this->habits = $from->habits ?? HomeHabits::assumed($this->head->parameters->habits);
    }

    /** @return array{WeakMap<WashOption, OptionEffects>, WeakMap<WashOption, OptionEffects>} */
    private static function nothingKnown(): array
    {
        /** @var WeakMap<WashOption, OptionEffects> $inSalon */
        $inSalon = new WeakMap();
        /** @var WeakMap<WashOption, OptionEffects> $atHome */
        $atHome = new WeakMap();

        return [$inSalon, $atHome];
    }

    /** @return array<int, true> by day counted from today */
    private static function bestDays(PlanTerms $terms, DateTimeImmutable $today): array
    {
        return array_fill_keys(array_map(
            static fn (Occasion $best): int => Calendar::daysBetween($today, $best->from),
            $terms->of(OccasionKind::BestDay),
        ), true);
    }

    public function date(int $day): DateTimeImmutable
    {
        return $this->today->modify("+{$day} days");
    }

    /** @return array<int, float> four numbers for each stratum */
    public static function means(State $state): array
    {
        $means = [];
        foreach (array_keys($state->layout->head->strata) as $s) {
            foreach (
                [
                    StateLayout::MOISTURE,
                    StateLayout::PROTEIN,
                    StateLayout::WASHABLE,
                    StateLayout::STUBBORN,
                ] as $quantity
            ) {
                $means[] = $state->value($s, $quantity);
            }
        }

        return $means;
    }

    /**
     * @param array<int, float> $means
     * @param int               $day   counted from today: at home some of it is left out
     *
     * @return array<int, float>
     */
    public function washed(array $means, WashOption $choice, int $day): array
    {
        return $this->effectsOf($choice, $day)->on($means);
    }

    /**
     * @param array<int, float> $means at the end of a day
     * @param int               $from  that day, counted from today
     *
     * @return array<int, float> the means so many days later
     */
    public function afterDays(array $means, int $from, int $days, bool $sealed): array
    {
        return $this->fading->afterDays($means, $from, $days, $sealed);
    }

    /**
     * What one day in this place costs: 1 for a whole head one band width outside.
     *
     * @param array<int, float> $means
     */
    public function costOfADay(array $means, int $day): float
    {
        return $this->dayCost->of($means, $day);
    }

    /**
     * What the days of a gap cost, the day of the wash first: the sum over all days, by the parabola through
     * the first, the middle and the last of them.
     *
     * @param array<int, float> $means at the end of the first day
     */
    public function costOfDays(array $means, int $firstDay, int $days, bool $sealed): float
    {
        $counts = $this->bestDays === [] ? 0.0 : $this->costOfBestDays($means, $firstDay, $days, $sealed);
        if ($days <= 3) {
            $cost = $counts;
            for ($d = 0; $d < $days; $d++) {
                $cost += $this->costOfADay(
                    $d === 0 ? $means : $this->afterDays($means, $firstDay, $d, $sealed),
                    $firstDay + $d,
                );
            }

            return $cost;
        }
        $last = $days - 1;
        $middle = intdiv($last, 2);
        [$w0, $w1, $w2] = QuadraticSum::weights($days);

        return $counts + $w0 * $this->costOfADay($means, $firstDay)
            + $w1 * $this->costOfADay($this->afterDays($means, $firstDay, $middle, $sealed), $firstDay + $middle)
            + $w2 * $this->costOfADay($this->afterDays($means, $firstDay, $last, $sealed), $firstDay + $last);
    }

    /** How often a day counts: once, and the day of a wedding as often as the model says. */
    public function weightOf(int $day): float
    {
        return isset($this->bestDays[$day]) ? $this->head->parameters->planning->weightOfABestDay : 1.0;
    }

    /**
     * What the days that count cost beyond what every day does.
     *
     * @param array<int, float> $means at the end of the first day
     */
    private function costOfBestDays(array $means, int $firstDay, int $days, bool $sealed): float
    {
        $cost = 0.0;
        foreach (array_keys($this->bestDays) as $best) {
            if ($best >= $firstDay && $best < $firstDay + $days) {
                $cost += ($this->head->parameters->planning->weightOfABestDay - 1) * $this->costOfADay(
                    $best === $firstDay ? $means : $this->afterDays($means, $firstDay, $best - $firstDay, $sealed),
                    $best,
                );
            }
        }

        return $cost;
    }

    /** What a choice costs by itself: minutes, the wear of its steps and what it uses up. */
    public function ownCost(WashOption $choice): float
    {
        return ($this->effectsAtHome[$choice] ?? $this->effectsOf($choice, 0))->cost;
    }

    /** What a choice costs on a day: by itself, and where something else was promised. */
    public function costOfChoice(WashOption $choice, int $day): float
    {
        return $this->effectsOf($choice, $day)->cost + $this->costOfPromises($choice, $day);
    }

    /** What it costs that something else was promised of a day. */
    public function costOfPromises(WashOption $choice, int $day): float
    {
        return $this->terms->promised === [] ? 0.0 : PromiseCost::of(
            $this->terms,
            $choice,
            $this->today->modify("+{$day} days"),
            $this->head->parameters->planning,
        );
    }

    public function seals(WashOption $choice, int $day): bool
    {
        return $this->effectsOf($choice, $day)->seals;
    }

    /** What a choice does on a day, and what it costs by itself. */
    public function effectsOf(WashOption $choice, int $day): OptionEffects
    {
        $atHome = $this->atHome[$day] ??= $this->terms->isAtHome($this->date($day), $this->today);

        return $atHome
            ? $this->effectsAtHome[$choice] ??= OptionEffects::of(
                $choice,
                $this->head,
                $this->uptake,
                $this->terms,
                $this->habits,
            )
            : $this->effects[$choice] ??= OptionEffects::of($choice, $this->head, $this->uptake, $this->terms);
    }
}
