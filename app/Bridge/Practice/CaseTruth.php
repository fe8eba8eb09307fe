<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use App\Bridge\Plans\WashKinds;
use App\Models\PlayedCase;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Practice\PracticeHair;
use Nagomi\Core\Practice\PracticeLife;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\WashDay;

/** What a practice case that is over really was, beside what its record could tell. */
final readonly class CaseTruth
{
    /**
     * @param StoredBalance $told   as it can be known from the record, for hair of the kind it really is
     * @param StoredBalance $really with no doubt
     */
    private function __construct(
        public array $told,
        public array $really,
        public Porosity $wasTold,
        public Porosity $wasReally,
        public float $bandHalfWidth,
    ) {
    }

    /** @param PlayedCase $played that has ended, with its acts */
    public static function of(PlayedCase $played, PlayedLife $playedLife): self
    {
        $life = $playedLife->of($played);
        $head = $life->hair->head();
        $run = KalmanFilter::through(new HeadHistory($head, $life->washDays, $life->readings), $life->date());
        $known = array_map(static fn (Snapshot $day): array => array_map(
            static fn (int $s): array => [
                round($day->state->value($s, StateLayout::MOISTURE), 1),
                round($day->state->sd($s, StateLayout::MOISTURE), 1),
                round($day->state->value($s, StateLayout::PROTEIN), 1),
                round($day->state->sd($s, StateLayout::PROTEIN), 1),
                round($day->state->buildUp($s), 1),
                round($day->state->buildUpSd($s), 1),
            ],
            array_keys($head->strata),
        ), $run->daily($life->case->from, $life->date()->modify('-1 day')));
        $hidden = array_map(static fn (PracticeHair $hair): array => array_map(
            static fn (int $s): array => [
                round($hair->state->value($s, StateLayout::MOISTURE), 1), 0.0,
                round($hair->state->value($s, StateLayout::PROTEIN), 1), 0.0,
                round($hair->state->buildUp($s), 1), 0.0,
            ],
            array_keys($head->strata),
        ), $life->days);

        return new self(
            self::balance($life, $head, $known),
            self::balance($life, $head, $hidden),
            $life->case->told->strata[0]->porosity,
            $head->strata[0]->porosity,
            $head->parameters->model->bandHalfWidth,
        );
    }

    /**
     * @param list<list<array{float, float, float, float, float, float}>> $days by day and stratum
     *
     * @return StoredBalance
     */
    private static function balance(PracticeLife $life, Head $head, array $days): array
    {
        return [
            'from' => $life->case->from->format('Y-m-d'),
            'today' => $life->case->from->format('Y-m-d'),
            'strata' => array_map(static fn (int $s): array => [
                'name' => $head->strata[$s]->name,
                'targets' => [
                    $head->strata[$s]->targetMoisture(),
                    $head->strata[$s]->targetProtein($head->proteinSensitive),
                ],
                'days' => [],
                'ahead' => array_column($days, $s),
            ], array_keys($head->strata)),
            'stones' => array_map(static fn (WashDay $day): array => [
                'date' => $day->date->format('Y-m-d'), 'planned' => false, 'kinds' => WashKinds::of($day->steps),
            ], array_values(array_filter(
                $life->washDays,
                static fn (WashDay $day): bool => $day->date >= $life->case->from,
            ))),
            'gauges' => array_values(array_unique(array_map(
                static fn (Reading $reading): string => $reading->date->format('Y-m-d'),
                $life->readings,
            ))),
        ];
    }
}
