<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\OutlookParts;
use App\Bridge\Plans\StoredSnapshots;
use App\Models\Head;
use DateTimeImmutable;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\LedgerKind;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\ReadingCheck;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Readings\BrokenHairs;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\Normal;
use Nagomi\Core\Treatments\Calendar;

/** Works out what readings tell, beside the book. Nothing is stored. */
final readonly class VisitImpacts
{
    /** Of all tests of the visit together. */
    private const READINGS_LOOKED_BACK = 240;

    public function __construct(
        private HeadRecord $headRecord,
        private OutlookParts $outlookParts,
        private StoredSnapshots $storedSnapshots,
        private MeasuredSigns $measuredSigns,
        private Parameters $parameters,
    ) {
    }

    /**
     * @param non-empty-list<Reading> $readings of one day
     * @param list<string>            $instead  ids of readings in the book that these stand in for
     */
    public function of(Head $head, array $readings, array $instead = []): VisitImpact
    {
        $head->loadMissing('salon');
        $frame = $this->headRecord->frame($head);
        $date = $readings[0]->date;
        $from = $this->storedSnapshots->before($head, $frame, $date);
        $book = $this->headRecord->after($head, $frame, $from?->date);
        $rest = array_values(array_filter(
            $book->readings,
            fn (Reading $reading): bool => ! in_array($reading->id, $instead, true),
        ));
        $today = Calendar::dayOf($head->salon->today());
        $rested = $this->followed($book, $rest, $today, $from);
        $without = $rested->last()->state;
        $with = $this->followed($book, [...$rest, ...$readings], $today, $from);
        $last = $this->last($head, $readings);
        $earlier = $from === null ? null : $this->headRecord->lastRead($head, $from->date);

        return new VisitImpact(
            $this->outlookParts->standing($without),
            $this->outlookParts->standing($with->last()->state),
            CellProbabilities::ruledOut(
                CellProbabilities::ofHead($without),
                CellProbabilities::ofHead($with->last()->state),
                $this->parameters->readings,
            ),
            array_map(fn (Reading $reading): array => $this->reading($reading, $with, $without, $last), $readings),
            $this->isTested($rested, $earlier, $today),
            $this->isTested($with, $earlier, $today),
        );
    }

    /** @param DateTimeImmutable|null $earlier the last day read before what was followed */
    private function isTested(FilterRun $run, ?DateTimeImmutable $earlier, DateTimeImmutable $today): bool
    {
        $days = array_map(static fn (ReadingCheck $check): DateTimeImmutable => $check->reading->date, $run->checks);
        $last = $days === [] ? $earlier : max($days);

        return ! (new PlanTerms())->readOn($last, $today, $this->parameters->planning)->notReadYet;
    }

    /** @param list<Reading> $read instead of what the book has */
    private function followed(HeadHistory $book, array $read, DateTimeImmutable $today, ?Snapshot $from): FilterRun
    {
        return KalmanFilter::through(
            new HeadHistory($book->head, $book->washDays, $read, $book->remaps, $book->biases, $book->air),
            $today,
            $from,
        );
    }

    /**
     * @param array<string, float> $last by sign and zone
     *
     * @return array<string, mixed>
     */
    private function reading(Reading $reading, FilterRun $trace, State $state, array $last): array
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
            'signs' => array_map(
                fn (MeasuredSign $measured): array => $this->sign(
                    $measured,
                    $checks[$measured->sign->value] ?? null,
                    $last[$measured->sign->value . $reading->zone?->value] ?? null,
                ),
                $reading->measured,
            ),
            'besides' => $reading->test === 'broken-hairs' ? (new BrokenHairs())->share($reading->raw) : null,
            'moved' => $this->moved($reading, $trace, $state),
        ];
    }

    /**
     * @param float|null $last what was read of it before; null: nothing
     *
     * @return array<string, mixed>
     */
    private function sign(MeasuredSign $measured, ?ReadingCheck $check, ?float $last): array
    {
        return [
            'sign' => $measured->sign->value,
            'value' => round($measured->value, 1),
            'sd' => round($measured->sd, 1),
            'means' => $measured->means,
            'expected_between' => $check === null ? null : $this->expected($measured, $check),
            'again' => $check !== null && $check->again,
            'last' => $last === null ? null : round($last, 1),
        ];
    }

    /** @return array{float, float} the range expected of it that day, within its scale */
    private function expected(MeasuredSign $measured, ReadingCheck $check): array
    {
        [$least, $most] = $measured->sign->limits();
        $half = Normal::quantile((1 + $this->parameters->readings->usualShare) / 2) * $check->expectedSd;
        [$low, $high] = $measured->sign->isCount()
            ? [$check->expected * exp(-$half), $check->expected * exp($half)]
            : [$check->expected - $half, $check->expected + $half];

        return [round(max($least, min($most, $low)), 1), round(max($least, min($most, $high)), 1)];
    }

    /** @return list<array{name: string, moisture: float, protein: float}> by stratum, what the reading moved at once */
    private function moved(Reading $reading, FilterRun $trace, State $state): array
    {
        $lines = array_filter(
            $trace->ledger,
            fn (LedgerLine $line): bool => $line->kind === LedgerKind::Reading && $line->source === $reading->id,
        );
        $moved = [];
        foreach ($lines === [] ? [] : $state->layout->head->strata as $s => $stratum) {
            $sum = fn (int $quantity): float => round(
                array_sum(array_map(
                    fn (LedgerLine $line): int => $line->amounts[$s][$quantity] ?? 0,
                    $lines,
                )) / LedgerLine::MILLIONTHS,
                1,
            );
            $moved[] = [
                'name' => $stratum->name,
                'moisture' => $sum(StateLayout::MOISTURE),
                'protein' => $sum(StateLayout::PROTEIN),
            ];
        }

        return $moved;
    }

    /**
     * What was read last before that day, of the same signs at the same place.
     *
     * @param non-empty-list<Reading> $readings
     *
     * @return array<string, float> by sign and zone
     */
    private function last(Head $head, array $readings): array
    {
        $tests = array_unique(array_map(fn (Reading $reading): string => $reading->test, $readings));
        $last = [];
        $earlier = $head
            ->readings()
            ->reorder()
            ->whereIn('test', $tests)
            ->where('date', '<', $readings[0]->date->format('Y-m-d'))
            ->orderByDesc('date')
            ->orderByDesc('id')
            ->limit(self::READINGS_LOOKED_BACK)
            ->get(['id', 'test', 'raw', 'zone']);
        foreach ($earlier as $reading) {
            foreach ($this->measuredSigns->of($reading) as $measured) {
                $last[$measured->sign->value . $reading->zone] ??= $measured->value;
            }
        }

        return $last;
    }
}
