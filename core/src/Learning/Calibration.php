<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use Nagomi\Core\Parameters\LearningParameters;
use Nagomi\Core\Statistics\Normal;

/**
 * Whether results come as they were foretold: all of them together by where each fell in what was foretold of it (the
 * probability integral transform; Dawid 1984, from memory), and apart by test, stylist, porosity and the time since the
 * last test. Where they do not, the likeliest culprit is the group that is furthest beyond chance; the next is looked
 * for among what is left without it.
 */
final readonly class Calibration
{
    public const TENTHS = 10;

    private const MOST_ALARMS = 3;

    /**
     * @param non-empty-list<int>                        $tenths how many fell into each tenth of what was foretold of them
     * @param array<string, array<string, ResultsGroup>> $groups by {@see ResultsBy}, those with most results first
     * @param list<ResultsAlarm>                         $alarms the likeliest culprit first
     * @param bool $isGeneral whether no few culprits explain it: they are most of all, or what is left does not come as foretold
     *     either
     */
    private function __construct(
        public ?ResultsGroup $whole,
        public array $tenths,
        public array $groups,
        public array $alarms,
        public bool $isGeneral,
    ) {
    }

    /**
     * @param list<ForetoldResult> $results
     */
    public static function of(array $results, LearningParameters $parameters): self
    {
        $tenths = array_fill(0, self::TENTHS, 0);
        foreach ($results as $result) {
            $tenths[min(self::TENTHS - 1, (int) floor(self::TENTHS * Normal::cumulative($result->sds)))]++;
        }
        $groups = [];
        foreach (self::parted($results) as [$by, $which, $of]) {
            $groups[$by->value][$which] = ResultsGroup::of($of, $parameters);
        }
        foreach ($groups as $by => $of) {
            uasort($of, static fn (ResultsGroup $a, ResultsGroup $b): int => $b->results <=> $a->results);
            $groups[$by] = $of;
        }

        [$alarms, $left] = self::alarms($results, $parameters);
        $whole = $results === [] ? null : ResultsGroup::of($results, $parameters);

        return new self(
            $whole,
            array_values($tenths),
            $groups,
            $alarms,
            $whole?->finding !== null && (
                2 * count($left) < count($results)
                    || ($left !== [] && ResultsGroup::of($left, $parameters)->finding !== null)
            ),
        );
    }

    /**
     * @param list<ForetoldResult> $results
     *
     * @return array{list<ResultsAlarm>, list<ForetoldResult>} and what is left without them
     */
    private static function alarms(array $results, LearningParameters $parameters): array
    {
        $alarms = [];
        while (count($alarms) < self::MOST_ALARMS) {
            $worst = null;
            foreach (self::parted($results) as [$by, $which, $of]) {
                $group = ResultsGroup::of($of, $parameters);
                if ($group->surely > ($worst->group->surely ?? 0.0)) {
                    $worst = new ResultsAlarm($by, $which, $group);
                }
            }
            if ($worst === null) {
                break;
            }
            $alarms[] = $worst;
            $results = array_values(array_filter(
                $results,
                static fn (ForetoldResult $result): bool => ($result->of[$worst->by->value] ?? null) !== $worst->which,
            ));
        }

        return [$alarms, $results];
    }

    /**
     * @param list<ForetoldResult> $results
     *
     * @return list<array{ResultsBy, string, non-empty-list<ForetoldResult>}>
     */
    private static function parted(array $results): array
    {
        $parted = [];
        foreach (ResultsBy::cases() as $by) {
            $groups = [];
            foreach ($results as $result) {
                if (isset($result->of[$by->value])) {
                    $groups[$result->of[$by->value]][] = $result;
                }
            }
            foreach ($groups as $which => $of) {
                $parted[] = [$by, (string) $which, $of];
            }
        }

        return $parted;
    }
}
