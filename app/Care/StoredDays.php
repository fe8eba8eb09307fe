<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\HeadDay;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Balance\Check;
use Nagomi\Core\Balance\History;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\LedgerLine;
use Nagomi\Core\Balance\Point;
use Nagomi\Core\Balance\State;
use Nagomi\Core\Balance\Trace;
use Nagomi\Core\Reading\Sign;

/** Keeps the state of a head at the end of each day on which something happened, so that the filter goes on from any of them. */
final class StoredDays
{
    /** Readings looked back on for what is usual: visits, not days. */
    private const VISITS_LOOKED_BACK = 40;

    /** The last stored day before the given one; null where there is none. */
    public static function before(Head $head, History $history, DateTimeImmutable $day): ?Point
    {
        // What is still to be worked out anew is no ground to go on from.
        $before = min($day->format('Y-m-d'), $head->outlook_due_from?->format('Y-m-d') ?? '9999-12-31');
        /** @var HeadDay|null $stored */
        $stored = $head->days()->where('date', '<', $before)->orderByDesc('date')->first();

        return $stored === null ? null : self::point($stored, $history);
    }

    public static function forget(Head $head, ?DateTimeImmutable $from): void
    {
        $head->days()->where('date', '>=', $from?->format('Y-m-d') ?? '0001-01-01')->delete();
    }

    public static function keep(Head $head, Trace $trace): void
    {
        $ledger = $checks = [];
        foreach ($trace->ledger as $line) {
            $ledger[$line->date->format('Y-m-d')][] = self::line($line);
        }
        foreach ($trace->checks as $check) {
            $checks[$check->reading->date->format('Y-m-d')][] = self::check($check);
        }
        $rows = [];
        foreach (array_slice($trace->points, 0, $trace->events) as $point) {
            $date = $point->date->format('Y-m-d');
            $rows[] = [
                'salon_id' => $head->salon_id,
                'head_id' => $head->id,
                'date' => $date,
                'sealed' => $point->sealed,
                'tight' => $point->tight,
                'signs' => json_encode(array_map(fn (Sign $sign): string => $sign->value, $point->state->layout->signs), JSON_THROW_ON_ERROR),
                'state' => self::packed($point->state),
                'ledger' => json_encode($ledger[$date] ?? [], JSON_THROW_ON_ERROR),
                'checks' => json_encode($checks[$date] ?? [], JSON_THROW_ON_ERROR),
                'was_read' => isset($checks[$date]),
            ];
        }
        foreach (array_chunk($rows, 100) as $some) {
            HeadDay::query()->insert($some);
        }
    }

    /** @return list<array<string, mixed>> the lines since the last day on which something happened */
    public static function linesSince(Trace $trace): array
    {
        $last = ($trace->points[$trace->events - 1] ?? null)?->date;

        return array_map(self::line(...), array_values(array_filter($trace->ledger, fn (LedgerLine $line): bool => $last === null || $line->date > $last)));
    }

    /** @return Collection<int, HeadDay> the last visits with readings, oldest first */
    public static function visits(Head $head): Collection
    {
        /** @var Collection<int, HeadDay> */
        return $head->days()->where('was_read', true)->orderByDesc('date')->limit(self::VISITS_LOOKED_BACK)->get(['id', 'head_id', 'salon_id', 'date', 'checks'])->reverse()->values();
    }

    /** @return list<Point> the states at the end of each day with readings, oldest first */
    public static function visited(Head $head, History $history, string $from): array
    {
        /** @var Collection<int, HeadDay> $days */
        $days = $head->days()->where('was_read', true)->where('date', '>=', $from)->orderBy('date')->get(['id', 'head_id', 'salon_id', 'date', 'sealed', 'tight', 'signs', 'state']);

        return array_values($days->map(fn (HeadDay $day): Point => self::point($day, $history))->all());
    }

    /** @return Collection<int, HeadDay> */
    public static function since(Head $head, string $date): Collection
    {
        /** @var Collection<int, HeadDay> */
        return $head->days()->where('date', '>=', $date)->orderBy('date')->get(['id', 'head_id', 'salon_id', 'date', 'ledger']);
    }

    public static function point(HeadDay $stored, History $history): Point
    {
        $date = HeadRecord::date($stored->date);
        $layout = new Layout($history->headAt($date), array_map(Sign::from(...), $stored->signs), $history->air);

        return new Point($date, self::unpacked($stored->state, $layout), $stored->sealed, $stored->tight);
    }

    /** Mean and the lower triangle of the covariance, as little-endian doubles: to the last bit and half the room of the whole. */
    private static function packed(State $state): string
    {
        $numbers = array_values($state->mean);
        foreach ($state->covariance as $i => $row) {
            for ($j = 0; $j <= $i; $j++) {
                $numbers[] = $row[$j];
            }
        }

        return pack('e*', ...$numbers);
    }

    private static function unpacked(string $packed, Layout $layout): State
    {
        /** @var array<int, float> $numbers */
        $numbers = array_values((array) unpack('e*', $packed));
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

    /** @return array<string, mixed> */
    private static function line(LedgerLine $line): array
    {
        return ['date' => $line->date->format('Y-m-d'), 'kind' => $line->kind->value, 'subject' => $line->subject, 'amounts' => $line->amounts];
    }

    /** @return array<string, mixed> */
    private static function check(Check $check): array
    {
        return [
            'sign' => $check->measured->sign->value,
            'value' => $check->measured->value,
            'means' => $check->measured->means,
            'expected' => $check->expected,
            'expected_sd' => $check->measured->sign->isCount() ? $check->expectedSd * $check->expected : $check->expectedSd,
            'apart' => $check->apart,
            'again' => $check->again,
            'surprise' => $check->residual,
            'surprise_sd' => $check->expectedSd,
            'reading' => $check->reading->id,
            'by' => $check->reading->by,
            'moment' => $check->reading->moment->value,
            'zone' => $check->reading->zone?->value,
        ];
    }
}
