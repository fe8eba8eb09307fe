<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use Nagomi\Core\Balance\Cells;
use Nagomi\Core\Balance\Check;
use Nagomi\Core\Balance\Filter;
use Nagomi\Core\Balance\History;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\LedgerKind;
use Nagomi\Core\Balance\LedgerLine;
use Nagomi\Core\Balance\State;
use Nagomi\Core\Balance\Trace;
use Nagomi\Core\Reading\Bench;
use Nagomi\Core\Reading\BrokenHairs;
use Nagomi\Core\Reading\Measured;
use Nagomi\Core\Reading\Reading;

/** What readings tell of a head: the balance with them beside the balance without them. Worked out beside the book; nothing is stored. */
final readonly class WhatItTold
{
    /** Of all tests of the visit together. */
    private const READINGS_LOOKED_BACK = 240;

    /**
     * @param list<array<string, mixed>> $before   where each stratum stands today without them
     * @param list<array<string, mixed>> $after    and with them
     * @param list<string>               $ruledOut cells that were well possible and hardly are now
     * @param list<array<string, mixed>> $readings one for each: what it says, what it moved, whether it is to be checked again
     */
    private function __construct(
        public array $before,
        public array $after,
        public array $ruledOut,
        public array $readings,
    ) {
    }

    /**
     * @param non-empty-list<Reading> $readings of one day
     * @param list<string>            $instead  ids of readings in the book that these stand in for
     */
    public static function of(Head $head, array $readings, array $instead = []): self
    {
        $head->loadMissing('salon');
        $frame = HeadRecord::frame($head);
        $date = $readings[0]->date;
        $from = StoredDays::before($head, $frame, $date);
        $book = HeadRecord::after($head, $frame, $from?->date);
        $rest = array_values(array_filter($book->readings, fn (Reading $reading): bool => ! in_array($reading->id, $instead, true)));
        $today = HeadRecord::date($head->salon->today());
        $follow = fn (array $read): Trace => Filter::through(new History($book->head, $book->washDays, array_values($read), $book->remaps, $book->biases, $book->air), $today, $from);
        $without = $follow($rest)->last()->state;
        $with = $follow([...$rest, ...$readings]);
        $usual = self::usual($head, $readings);

        return new self(
            OutlookParts::standing($without),
            OutlookParts::standing($with->last()->state),
            Cells::ruledOut(Cells::ofHead($without), Cells::ofHead($with->last()->state)),
            array_map(fn (Reading $reading): array => self::reading($reading, $with, $without, $usual), $readings),
        );
    }

    /**
     * @param array<string, array<string, mixed>> $usual by sign and zone
     *
     * @return array<string, mixed>
     */
    private static function reading(Reading $reading, Trace $trace, State $state, array $usual): array
    {
        $checks = [];
        foreach ($trace->checks as $check) {
            if ($check->reading->id === $reading->id) {
                $checks[$check->measured->sign->value] = $check;
            }
        }

        return [
            'key' => $reading->id,
            'test' => $reading->test,
            'zone' => $reading->zone?->value,
            'raw' => $reading->raw,
            'signs' => array_map(fn (Measured $measured): array => self::sign($measured, $checks[$measured->sign->value] ?? null) + ($usual[$measured->sign->value . $reading->zone?->value] ?? []), $reading->measured),
            'besides' => $reading->test === 'broken-hairs' ? (new BrokenHairs())->share($reading->raw) : '',
            'moved' => self::moved($reading, $trace, $state),
        ];
    }

    /** @return array<string, mixed> */
    private static function sign(Measured $measured, ?Check $check): array
    {
        $expectedSd = $check === null ? null : ($measured->sign->isCount() ? $check->expectedSd * $check->expected : $check->expectedSd);

        return [
            'sign' => $measured->sign->value,
            'value' => round($measured->value, 1),
            'sd' => round($measured->sd, 1),
            'means' => $measured->means,
            'expected' => $check === null || $expectedSd === null ? null : [round($check->expected, 1), round($expectedSd, 1)],
            'again' => $check !== null && $check->again,
        ];
    }

    /** @return list<array{name: string, moisture: float, protein: float}> by stratum, what the reading moved at once */
    private static function moved(Reading $reading, Trace $trace, State $state): array
    {
        $lines = array_filter($trace->ledger, fn (LedgerLine $line): bool => $line->kind === LedgerKind::Reading && $line->source === $reading->id);
        $moved = [];
        foreach ($lines === [] ? [] : $state->layout->head->strata as $s => $stratum) {
            $sum = fn (int $quantity): float => round(array_sum(array_map(fn (LedgerLine $line): int => $line->amounts[$s][$quantity] ?? 0, $lines)) / LedgerLine::MILLIONTHS, 1);
            $moved[] = ['name' => $stratum->name, 'moisture' => $sum(Layout::MOISTURE), 'protein' => $sum(Layout::PROTEIN)];
        }

        return $moved;
    }

    /**
     * What was read last before that day and what is usual for this head, of the same signs at the same place.
     *
     * @param non-empty-list<Reading> $readings
     *
     * @return array<string, array<string, mixed>> by sign and zone
     */
    private static function usual(Head $head, array $readings): array
    {
        $tests = array_unique(array_map(fn (Reading $reading): string => $reading->test, $readings));
        $series = [];
        $earlier = $head->readings()->reorder()->whereIn('test', $tests)->where('date', '<', $readings[0]->date->format('Y-m-d'))->orderByDesc('date')->orderByDesc('id')->limit(self::READINGS_LOOKED_BACK)->get(['id', 'test', 'raw', 'zone']);
        foreach ($earlier as $reading) {
            foreach (Bench::test($reading->test)?->measure($reading->raw) ?? [] as $measured) {
                $series[$measured->sign->value . $reading->zone][] = [$measured->sign, $measured->value];
            }
        }

        return array_map(fn (array $of): array => ['last' => round($of[0][1], 1), 'usual' => OutlookParts::usualOf($of[0][0], array_column($of, 1))], $series);
    }
}
