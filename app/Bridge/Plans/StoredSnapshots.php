<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use App\Models\HeadSnapshot;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\ReadingCheck;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\Calendar;

/**
 * Keeps the state of a head at the end of each day on which something happened, so that the filter goes on from any of
 * them.
 */
final readonly class StoredSnapshots
{
    /** Readings looked back on for what is usual: visits, not days. */
    private const VISITS_LOOKED_BACK = 40;

    /** The last stored day before the given one; null where there is none. */
    public function before(Head $head, HeadHistory $history, DateTimeImmutable $day): ?Snapshot
    {
        // What is still to be worked out anew is no ground to go on from.
        $before = min($day->format('Y-m-d'), $head->outlook_due_from?->format('Y-m-d') ?? '9999-12-31');
        /** @var HeadSnapshot|null $stored */
        $stored = $head->days()->where('date', '<', $before)->orderByDesc('date')->first();

        return $stored === null ? null : $this->point($stored, $history);
    }

    public function forget(Head $head, ?DateTimeImmutable $from): void
    {
        $head->days()->where('date', '>=', $from?->format('Y-m-d') ?? '0001-01-01')->delete();
    }

    public function keep(Head $head, FilterRun $trace): void
    {
        $points = array_slice($trace->points, 0, $trace->events);
        $ledger = $this->byDay($trace->ledger, $points);
        $checks = [];
        foreach ($trace->checks as $check) {
            $checks[$check->reading->date->format('Y-m-d')][] = $this->check($check);
        }
        $rows = [];
        foreach ($points as $point) {
            $date = $point->date->format('Y-m-d');
            $rows[] = [
                'salon_id' => $head->salon_id,
                'head_id' => $head->id,
                'date' => $date,
                'sealed' => $point->sealed,
                'tight' => $point->tight,
                'signs' => json_encode(
                    array_map(fn (Sign $sign): string => $sign->value, $point->state->layout->signs),
                    JSON_THROW_ON_ERROR,
                ),
                'state' => $this->packed($point->state),
                'habits' => $point->habits === null ? null : pack('e*', ...$point->habits->numbers()),
                'ledger' => json_encode($ledger[$date] ?? [], JSON_THROW_ON_ERROR),
                'checks' => json_encode($checks[$date] ?? [], JSON_THROW_ON_ERROR),
                'was_read' => isset($checks[$date]),
            ];
        }
        foreach (array_chunk($rows, 100) as $some) {
            HeadSnapshot::query()->insert($some);
        }
    }

    /**
     * A line of a day on which nothing happened, as the last one before a long silence, goes with the next day on which
     * something did.
     *
     * @param list<LedgerLine> $lines  oldest first
     * @param list<Snapshot>   $points oldest first
     *
     * @return array<string, list<StoredLedgerLine>> by day
     */
    private function byDay(array $lines, array $points): array
    {
        $byDay = [];
        $at = 0;
        foreach ($lines as $line) {
            while (isset($points[$at]) && $points[$at]->date < $line->date) {
                $at++;
            }
            if (isset($points[$at])) {
                $byDay[$points[$at]->date->format('Y-m-d')][] = $this->line($line);
            }
        }

        return $byDay;
    }

    /** @return list<StoredLedgerLine> the lines since the last day on which something happened */
    public function linesSince(FilterRun $trace): array
    {
        $last = ($trace->points[$trace->events - 1] ?? null)?->date;

        return array_map(
            $this->line(...),
            array_values(array_filter(
                $trace->ledger,
                fn (LedgerLine $line): bool => $last === null || $line->date > $last,
            )),
        );
    }

    /** @return Collection<int, HeadSnapshot> the last visits with readings, oldest first */
    public function visits(Head $head): Collection
    {
        /** @var Collection<int, HeadSnapshot> */
        return $head
            ->days()
            ->where('was_read', true)
            ->orderByDesc('date')
            ->limit(self::VISITS_LOOKED_BACK)
            ->get(['id', 'head_id', 'salon_id', 'date', 'checks'])
            ->reverse()
            ->values();
    }

    /** @return list<Snapshot> the states at the end of each day with readings, oldest first */
    public function visited(Head $head, HeadHistory $history, string $from): array
    {
        /** @var Collection<int, HeadSnapshot> $days */
        $days = $head
            ->days()
            ->where('was_read', true)
            ->where('date', '>=', $from)
            ->orderBy('date')
            ->get(['id', 'head_id', 'salon_id', 'date', 'sealed', 'tight', 'signs', 'state', 'habits']);

        return array_values($days->map(fn (HeadSnapshot $day): Snapshot => $this->point($day, $history))->all());
    }

    /** @return Collection<int, HeadSnapshot> */
    public function since(Head $head, string $date): Collection
    {
        /** @var Collection<int, HeadSnapshot> */
        return $head
            ->days()
            ->where('date', '>=', $date)
            ->orderBy('date')
            ->get(['id', 'head_id', 'salon_id', 'date', 'ledger']);
    }

    public function point(HeadSnapshot $stored, HeadHistory $history): Snapshot
    {
        $date = Calendar::dayOf($stored->date);
        $layout = new StateLayout($history->headAt($date), array_map(Sign::from(...), $stored->signs), $history->air);

        return new Snapshot(
            $date,
            $this->unpacked($stored->state, $layout),
            $stored->sealed,
            $stored->tight,
            $stored->habits === null
                ? null
                : HomeHabits::ofNumbers($layout->parameters->habits, self::numbers($stored->habits)),
        );
    }

    /**
     * Mean and the lower triangle of the covariance, as little-endian doubles: to the last bit and half the room of the
     * whole.
     */
    private function packed(State $state): string
    {
        $numbers = array_values($state->mean);
        foreach ($state->covariance as $i => $row) {
            for ($j = 0; $j <= $i; $j++) {
                $numbers[] = $row[$j];
            }
        }

        return pack('e*', ...$numbers);
    }

    private function unpacked(string $packed, StateLayout $layout): State
    {
        $numbers = self::numbers($packed);
        $mean = array_slice($numbers, 0, $layout->size);
        $covariance = [];
        $at = $layout->size;
        for ($i = 0; $i < $layout->size; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $covariance[$i][$j] = $covariance[$j][$i] = $numbers[$at++];
            }
        }
        foreach ($covariance as $i => $row) {
            ksort($row);
            $covariance[$i] = array_values($row);
        }

        return new State($layout, $mean, array_values($covariance));
    }

    /** @return list<float> */
    private static function numbers(string $packed): array
    {
        /** @var array<int, float> $numbers */
        $numbers = (array) unpack('e*', $packed);

        return array_values($numbers);
    }

    /** @return StoredLedgerLine */
    private function line(LedgerLine $line): array
    {
        return [
            'date' => $line->date->format('Y-m-d'),
            'kind' => $line->kind->value,
            'subject' => $line->subject,
            'amounts' => $line->amounts,
        ] + ($line->asTold === null ? [] : ['as_told' => round($line->asTold, 4)]);
    }

    /** @return StoredCheck */
    private function check(ReadingCheck $check): array
    {
        return [
            'sign' => $check->measured->sign->value,
            'value' => $check->measured->value,
            'means' => $check->measured->means,
            'expected' => $check->expected,
            'expected_sd' => $check->measured->sign->isCount()
                ? $check->expectedSd * $check->expected
                : $check->expectedSd,
            'apart' => $check->zScore,
            'again' => $check->again,
            'surprise' => $check->innovation,
            'surprise_sd' => $check->expectedSd,
            'noise_sd' => $check->noiseSd,
            'reading' => $check->reading->id,
            'by' => $check->reading->by,
            'moment' => $check->reading->moment->value,
            'zone' => $check->reading->zone?->value,
        ];
    }
}
