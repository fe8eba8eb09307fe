<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Statistics\ShrunkRegression;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/**
 * Minutes one head takes to dry, as times what is usual, by each way and stage: hair that is slow in the air is slow under
 * the hood as well, and each way is its own besides; heavy butter slows all of them.
 */
final readonly class DryingPace
{
    private const HEAD = 'head';
    private const HEAVY = 'heavy';

    /**
     * @param array<string, float> $usual minutes by way
     */
    private function __construct(
        private ShrunkRegression $line,
        private array $usual,
        private float $noise,
        public int $times,
        public bool $isHeavy,
    ) {
    }

    /**
     * @param list<Reading>  $readings what was read of drying in the air
     * @param list<DriedDay> $dried    what was dried by the clock
     * @param bool           $isHeavy  the hair is usually left with much that keeps water in
     */
    public static function learned(Head $head, array $readings, array $dried, bool $isHeavy): self
    {
        $parameters = $head->parameters->washDay;
        $usual = ['air' => self::usualInAir($head)] + $parameters->dryMinutes;
        $noise = $parameters->spread['dry'];
        $prior = [
            self::HEAD => [0.0, $noise / sqrt($parameters->usualWeighs)],
            self::HEAVY => [log($parameters->heavyDryTimes), $parameters->dryWaySpread],
        ];
        foreach (array_keys($usual) as $way) {
            $prior += $way === 'air' ? [] : [$way => [0.0, $parameters->dryWaySpread]];
        }
        $rows = [];
        foreach ($readings as $reading) {
            foreach ($reading->measured as $measured) {
                if ($measured->sign === Sign::DryingTime && $measured->value > 0) {
                    $rows[] = ['x' => self::of('air', false), 'y' => log($measured->value / $usual['air'])];
                }
            }
        }
        foreach ($dried as $day) {
            $rows[] = ['x' => self::of($day->by, $day->isHeavy), 'y' => log($day->minutes / $usual[$day->by])];
        }
        $line = ShrunkRegression::of($prior, $rows, $noise);
        $squares = array_sum(array_map(
            static fn (array $row): float => ($row['y'] - $line->expected($row['x'])) ** 2,
            $rows,
        ));
        $weight = $parameters->usualWeighs;
        $own = sqrt(($squares + $weight * $noise ** 2) / (count($rows) + $weight));

        return new self($line, $usual, $own, count($rows), $isHeavy);
    }

    /** @param string $by air, fan, diffuse, a stage of it, or hood */
    public function minutes(string $by): float
    {
        return $this->usual[$by] * exp($this->line->expected(self::of($by, $this->isHeavy)));
    }

    /** The spread of the logarithm of one drying: days differ, and what is usual here is not known for sure. */
    public function spread(string $by): float
    {
        return sqrt($this->noise ** 2 + $this->line->doubt(self::of($by, $this->isHeavy)) ** 2);
    }

    /** How many times as long heavy butter makes it here. */
    public function heavyTimes(): float
    {
        return exp($this->line->means[self::HEAVY]);
    }

    /**
     * Whether the last day on which something was left on the hair left much on it that keeps water in.
     *
     * @param list<WashDay> $washDays
     */
    public static function leavesHeavy(Head $head, array $washDays): bool
    {
        usort($washDays, static fn (WashDay $a, WashDay $b): int => $b->date <=> $a->date);
        foreach ($washDays as $washDay) {
            if ($washDay->has(StepKind::LeaveIn, StepKind::Seal)) {
                return self::isHeavy($head, $washDay->steps);
            }
        }

        return false;
    }

    /** @param list<Step> $steps of one day */
    public static function isHeavy(Head $head, array $steps): bool
    {
        foreach ($steps as $step) {
            $isLeftOn = in_array($step->kind, [StepKind::LeaveIn, StepKind::Seal], true);
            $keepsWaterIn = $isLeftOn ? $step->contents?->of(Content::Sealing)->typicalPercent ?? 0.0 : 0.0;
            if ($keepsWaterIn >= $head->parameters->washDay->heavyFromPercent) {
                return true;
            }
        }

        return false;
    }

    /** In still air, by the porosity of each part of the head. */
    private static function usualInAir(Head $head): float
    {
        $minutes = 0.0;
        foreach ($head->strata as $stratum) {
            $minutes += $stratum->share
                * $head->parameters->readings->porosityDryingMinutes[$stratum->porosity->value];
        }

        return $minutes;
    }

    /** @return array<string, float> */
    private static function of(string $by, bool $isHeavy): array
    {
        return [self::HEAD => 1.0] + ($by === 'air' ? [] : [$by => 1.0]) + ($isHeavy ? [self::HEAVY => 1.0] : []);
    }
}
