<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Parameters\HabitParameters;
use Nagomi\Core\Statistics\Beta;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/**
 * How often somebody does at home what was planned, step by step, and how often what was not: shares with a Beta
 * distribution each. What was told is evidence of what was done; of what it leaves open, two Beta distributions, their
 * mean and spread go on as one (tests/Reference holds it against the whole).
 */
final readonly class Adherence
{
    /**
     * @param array<string, array{float, float}> $planned by {@see HomeStep}, where it was planned: the two numbers of its
     *     Beta distribution, both above 0
     * @param array<string, array{float, float}> $besides where it was not planned
     * @param array<string, array{float, float}> $counts  washes at which it was planned, and of those the times it was
     *     told of
     */
    private function __construct(
        private HabitParameters $parameters,
        private array $planned,
        private array $besides,
        private array $counts,
    ) {
    }

    /** Before any plan was handed out. */
    public static function assumed(HabitParameters $parameters): self
    {
        $washes = $parameters->keptWashes;
        $planned = $besides = $counts = [];
        foreach (HomeStep::cases() as $step) {
            $counts[$step->value] = [0.0, 0.0];
            $kept = $parameters->kept[$step->value];
            $planned[$step->value] = [$washes * $kept, $washes * (1 - $kept)];
            $besides[$step->value] = [$washes * $parameters->besidesPlan, $washes * (1 - $parameters->besidesPlan)];
        }

        return new self($parameters, $planned, $besides, $counts);
    }

    /** @return float probability that a step that is planned at home is done, above 0, at most 1 */
    public function kept(Step $step): float
    {
        $of = HomeStep::of($step, $this->parameters);

        return $of === null ? 1.0 : $this->share($of);
    }

    /**
     * The same beside what is usual: a plan for somebody who keeps to plans as anybody does asks for what anybody is
     * asked for, since a step more would be left out as often as any.
     *
     * @return float how much less sure than with anybody a planned step is, above 0, at most 1
     */
    public function keptBesideAnybody(Step $step): float
    {
        $of = HomeStep::of($step, $this->parameters);

        return $of === null ? 1.0 : min(1.0, $this->share($of) / $this->parameters->kept[$of->value]);
    }

    /** Whether long masks are left out so often that short ones are to be thought of. */
    public function leavesOutLongMasks(): bool
    {
        $usual = $this->parameters->kept[HomeStep::LongMask->value];

        return $this->share(HomeStep::LongMask) < $this->parameters->shortMaskBelow * $usual;
    }

    /** @return float probability that such a step is done where it is planned */
    public function share(HomeStep $step): float
    {
        return self::mean($this->planned[$step->value]);
    }

    /** @return array{float, float} the 80 % interval of that probability */
    public function interval(HomeStep $step): array
    {
        [$done, $leftOut] = $this->planned[$step->value];

        return [Beta::quantile(0.1, $done, $leftOut), Beta::quantile(0.9, $done, $leftOut)];
    }

    /** @return float washes at home at which it was planned, so far */
    public function times(HomeStep $step): float
    {
        return $this->counts[$step->value][0];
    }

    /** @return float of those, times it was told of */
    public function told(HomeStep $step): float
    {
        return $this->counts[$step->value][1];
    }

    /** @return float how far a plan says what is done, beside what is usual anyway; 0 to 1 */
    public function follows(HomeStep $step): float
    {
        return max(0.0, $this->share($step) - self::mean($this->besides[$step->value]));
    }

    /** After a wash at home of which is known what was planned; any other says nothing of plans. */
    public function after(WashDay $day): self
    {
        if ($day->planned === null || $day->place !== Place::Home || ! HomeHabits::isOf($day)) {
            return $this;
        }
        [$planned, $besides, $counts] = [$this->planned, $this->besides, $this->counts];
        $wanted = $this->wanted($day->planned);
        foreach (HomeStep::cases() as $step) {
            if (isset($wanted[$step->value])) {
                $done = $this->wasDone($step, $day, $planned[$step->value]);
                $planned[$step->value] = self::learned($planned[$step->value], $done);
                [$times, $told] = $counts[$step->value];
                $counts[$step->value] = [$times + 1, $told + ($step->isToldOf($day) ? 1 : 0)];
            } elseif (! $this->isCoveredBy($step, $wanted)) {
                $done = $this->wasDone($step, $day, $besides[$step->value]);
                $besides[$step->value] = self::learned($besides[$step->value], $done);
            }
        }

        return new self($this->parameters, $planned, $besides, $counts);
    }

    /**
     * @param list<Step> $planned
     *
     * @return array<string, true>
     */
    public function wanted(array $planned): array
    {
        $wanted = [];
        foreach ($planned as $step) {
            $of = HomeStep::of($step, $this->parameters);
            if ($of !== null) {
                $wanted[$of->value] = true;
            }
        }

        return $wanted;
    }

    /**
     * A mask of another length is no mask besides, and a conditioner in a mask's place none either.
     *
     * @param array<string, true> $wanted
     */
    private function isCoveredBy(HomeStep $step, array $wanted): bool
    {
        $masks = isset($wanted[HomeStep::ShortMask->value]) || isset($wanted[HomeStep::LongMask->value]);

        return $masks && match ($step) {
            HomeStep::ShortMask, HomeStep::LongMask, HomeStep::Conditioner => true,
            default => false,
        };
    }

    /**
     * @param array{float, float} $beta of its share
     *
     * @return float probability that it was done, in the light of what was told
     */
    private function wasDone(HomeStep $step, WashDay $day, array $beta): float
    {
        $parameters = $this->parameters;
        $mistaken = $step->isMistaken() ? $parameters->mistaken : 0.0;
        $untold = $parameters->forgotten + $mistaken;
        $ifDone = $step->isToldOf($day) ? 1 - $untold : $untold;
        $invented = max($mistaken, $parameters->misnotedInSalon);
        $ifLeftOut = $step->isToldOf($day) ? $invented : 1 - $invented;
        $share = self::mean($beta);

        return $share * $ifDone / ($share * $ifDone + (1 - $share) * $ifLeftOut);
    }

    /**
     * One time more, done with that probability: the Beta distribution with the mean and the variance of both.
     *
     * @param array{float, float} $beta
     *
     * @return array{float, float}
     */
    private static function learned(array $beta, float $done): array
    {
        [$a, $all] = [$beta[0], array_sum($beta)];
        $mean = ($a + $done) / ($all + 1);
        $square = ($a + 1) * ($a + 2 * $done) / (($all + 1) * ($all + 2));
        $counts = $mean * (1 - $mean) / ($square - $mean ** 2) - 1;

        return [$mean * $counts, (1 - $mean) * $counts];
    }

    /** @param array{float, float} $beta */
    private static function mean(array $beta): float
    {
        return $beta[0] / array_sum($beta);
    }

    /** @return list<float> all of it, to be kept */
    public function numbers(): array
    {
        return array_merge(
            ...array_values($this->planned),
            ...array_values($this->besides),
            ...array_values($this->counts),
        );
    }

    /**
     * @param list<float> $numbers as {@see numbers} gave them; of another length, as before steps were others: what is
     *     assumed
     */
    public static function ofNumbers(HabitParameters $parameters, array $numbers): self
    {
        $steps = array_column(HomeStep::cases(), 'value');
        if (count($numbers) !== 6 * count($steps)) {
            return self::assumed($parameters);
        }
        /** @var list<array{float, float}> $pairs */
        $pairs = array_chunk($numbers, 2);

        return new self(
            $parameters,
            array_combine($steps, array_slice($pairs, 0, count($steps))),
            array_combine($steps, array_slice($pairs, count($steps), count($steps))),
            array_combine($steps, array_slice($pairs, 2 * count($steps))),
        );
    }
}
