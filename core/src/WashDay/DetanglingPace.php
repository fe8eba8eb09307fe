<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Statistics\ShrunkRegression;

/**
 * Minutes to detangle a section of one head, as a logarithm: its level, and what tool, slip, pre-wash, a longer gap and a
 * take-down add. Each is learned from the head's own days and leans on the trade's while those are few.
 */
final readonly class DetanglingPace
{
    private const LEVEL = 'level';

    /** @param array<string, float> $usual what each adds in the trade, as a logarithm */
    private function __construct(
        private ShrunkRegression $line,
        private float $noise,
        private array $usual,
        public int $days,
    ) {
    }

    /**
     * How days that went by the clock compare with what was foretold of each from those before it.
     *
     * @param list<array{day: DetanglingDay, minutes: float, date: DateTimeImmutable, clocked: bool}> $own in any order;
     *     minutes over 0
     * @param float             $like  minutes a section of heads like this one, over 0
     * @param DateTimeImmutable $since the first day that is told of
     *
     * @return list<DetanglingCheck> by day
     */
    public static function checks(
        array $own,
        float $like,
        WashDayParameters $parameters,
        DateTimeImmutable $since,
    ): array {
        usort($own, static fn (array $a, array $b): int => $a['date'] <=> $b['date']);
        $checks = [];
        foreach ($own as $i => ['day' => $day, 'minutes' => $minutes, 'date' => $date, 'clocked' => $isClocked]) {
            if ($isClocked && $date >= $since) {
                $pace = self::learned(array_slice($own, 0, $i), $like, $parameters);
                $expected = $pace->minutes($day);
                $zScore = log($minutes / $expected) / $pace->spread($day);
                $checks[] = new DetanglingCheck($date, $minutes, $expected, $zScore);
            }
        }

        return $checks;
    }

    /**
     * @param list<array{day: DetanglingDay, minutes: float}> $own  minutes a section of days that were timed, over 0
     * @param float                                           $like minutes a section of heads like this one, over 0
     */
    public static function learned(array $own, float $like, WashDayParameters $parameters): self
    {
        $noise = $parameters->spread['detangle'];
        $usual = array_map(log(...), $parameters->detanglingTimes);
        $prior = [self::LEVEL => [log($like), $noise / sqrt($parameters->usualWeighs)]];
        foreach ($usual as $name => $mean) {
            $prior[$name] = [$mean, $parameters->detanglingTimesSpread];
        }
        $rows = array_map(static fn (array $one): array => [
            'x' => [self::LEVEL => 1.0] + $one['day']->unusual(), 'y' => log($one['minutes']),
        ], $own);
        $line = ShrunkRegression::of($prior, $rows, $noise);
        $squares = array_sum(array_map(
            static fn (array $row): float => ($row['y'] - $line->expected($row['x'])) ** 2,
            $rows,
        ));
        $weight = $parameters->usualWeighs;

        return new self(
            $line,
            sqrt(($squares + $weight * $noise ** 2) / (count($rows) + $weight)),
            $usual,
            count($rows),
        );
    }

    /** @return float minutes a section, as likely to be more as less */
    public function minutes(DetanglingDay $day): float
    {
        return exp($this->line->expected([self::LEVEL => 1.0] + $day->unusual()));
    }

    /** The spread of the logarithm of one day's minutes: days differ, and what is usual here is not known for sure. */
    public function spread(DetanglingDay $day): float
    {
        return sqrt($this->noise ** 2 + $this->line->doubt([self::LEVEL => 1.0] + $day->unusual()) ** 2);
    }

    /**
     * What a day is longer or shorter for.
     *
     * @return array<string, array{times: float, isLearned: bool}> by name; learned: other than the trade has it
     */
    public function because(DetanglingDay $day): array
    {
        $because = [];
        foreach ($day->unusual() as $name => $of) {
            $because[$name] = [
                'times' => exp($of * $this->line->means[$name]),
                'isLearned' => abs($this->line->means[$name] - $this->usual[$name]) > 1e-9,
            ];
        }

        return $because;
    }
}
