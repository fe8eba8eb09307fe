<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSnapshots;
use App\Models\Head;
use App\Models\HeadSnapshot;
use App\Models\Outlook;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;

/**
 * The balance book of one stratum over some weeks: opening, lines, closing. The screen shows one decimal; what
 * rounding the lines leaves over stands in a line of its own, so that the column can be added up by hand.
 *
 * @phpstan-import-type LedgerRow from LedgerPage
 */
final readonly class LedgerScreen
{
    private const WEEKS = [4, 12, 52];

    /** From so many on nothing is said of it. */
    private const GOOD_AS_TOLD_PERCENT = 90;

    /** What the book shows as columns: moisture, protein, build-up of both kinds. */
    private const COLUMNS = [
        'moisture' => [StateLayout::MOISTURE],
        'protein' => [StateLayout::PROTEIN],
        'build_up' => [StateLayout::WASHABLE, StateLayout::STUBBORN],
    ];

    public function __construct(
        private HeadRecord $headRecord,
        private LedgerDays $ledgerDays,
        private Outlooks $outlooks,
        private StoredSnapshots $storedSnapshots,
        private Parameters $parameters,
    ) {
    }


    public function of(Head $head, int $stratum, int $weeks, string $column = 'moisture'): LedgerPage
    {
        $column = isset(self::COLUMNS[$column]) ? $column : 'moisture';
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = $this->outlooks->current($head);
        $weeks = in_array($weeks, self::WEEKS, true) ? $weeks : self::WEEKS[0];
        $stratum = isset($outlook->standing[$stratum]) ? $stratum : 0;
        $comfort = $this->comfort($outlook, $stratum, $column);
        $today = $head->salon->today();
        $since = $today->subWeeks($weeks)->format('Y-m-d');
        $from = Calendar::dayOf($today->subWeeks($weeks));
        $before = $this->storedSnapshots->before($head, $this->headRecord->frame($head), $from);
        // Before the first day of the book there is nothing to bring forward: its opening is a line like the others.
        $opening = $before === null ? array_fill_keys(array_keys(self::COLUMNS), 0) : $this->held($before, $stratum);
        $lines = $this->lines([
            ...$this->storedSnapshots
                ->since($head, $since)
                ->flatMap(fn (HeadSnapshot $day): array => $day->ledger)
                ->all(),
            ...$outlook->ledger,
        ], $stratum);
        $closing = array_reduce(array_column($lines, 'exact'), $this->sum(...), $opening);

        return new LedgerPage(
            head: $head,
            outlook: $outlook,
            stratum: $stratum,
            weeks: $weeks,
            opensOn: CarbonImmutable::instance($before->date ?? $from->modify('-1 day')),
            opening: $this->inTenths($opening),
            lines: $lines,
            rounding: $this->rounding($opening, $lines, $closing),
            closing: $this->inTenths($closing),
            closingExact: $closing,
            lookedBack: $before === null ? null : $this->lookedBack($outlook->hair_balance, $stratum, $before->date),
            spans: self::WEEKS,
            stairs: $this->ledgerDays->of($opening[$column], $lines, $column, $comfort),
            bandHalfWidth: $this->parameters->model->bandHalfWidth,
            buildUpLimit: $this->parameters->planning->buildUpLimit,
        );
    }

    /**
     * @param array<string, int> $opening in millionths
     * @param list<LedgerRow>    $lines
     * @param array<string, int> $closing in millionths
     *
     * @return array<string, int> what rounding the lines leaves over, in tenths
     */
    private function rounding(array $opening, array $lines, array $closing): array
    {
        $shown = array_reduce(array_column($lines, 'amounts'), $this->sum(...), $this->inTenths($opening));

        return $this->sum($this->inTenths($closing), array_map(static fn (int $tenths): int => -$tenths, $shown));
    }

    /** @return array{float, float} least and most that this hair likes of it, in points */
    private function comfort(Outlook $outlook, int $stratum, string $column): array
    {
        if ($column === 'build_up') {
            return [0.0, $this->parameters->planning->buildUpLimit];
        }
        $target = $outlook->standing[$stratum][$column === 'moisture' ? 'target_moisture' : 'target_protein'];
        $half = $this->parameters->model->bandHalfWidth;

        return [$target - $half, $target + $half];
    }

    /**
     * @param list<StoredLedgerLine> $stored
     *
     * @return list<LedgerRow> what moved this stratum
     */
    private function lines(array $stored, int $stratum): array
    {
        $lines = [];
        foreach ($stored as $line) {
            $amounts = $this->amounts($line, $stratum);
            if (array_filter($amounts) !== [] || $line['kind'] === 'remap') {
                $lines[] = [
                    'date' => CarbonImmutable::parse($line['date']),
                    'kind' => $line['kind'],
                    'says' => $this->says($line),
                    'amounts' => $this->inTenths($amounts),
                    'exact' => $amounts,
                ];
            }
        }

        return $lines;
    }

    /** @return array<string, int> what a stratum held at the end of a day, in millionths by column */
    private function held(Snapshot $point, int $stratum): array
    {
        $first = StateLayout::PER_STRATUM * min($stratum, $point->state->layout->strata - 1);
        $of = fn (int $at): int => (int) round(LedgerLine::MILLIONTHS * $point->state->mean[$first + $at]);

        return array_map(fn (array $quantities): int => array_sum(array_map($of, $quantities)), self::COLUMNS);
    }

    /**
     * @param StoredLedgerLine $line
     *
     * @return array<string, int> millionths by column
     */
    private function amounts(array $line, int $stratum): array
    {
        $of = $line['amounts'][$stratum] ?? [];

        return array_map(
            fn (array $quantities): int => array_sum(array_intersect_key($of, array_flip($quantities))),
            self::COLUMNS,
        );
    }

    /**
     * @param array<string, int> $a
     * @param array<string, int> $b
     *
     * @return array<string, int>
     */
    private function sum(array $a, array $b): array
    {
        foreach ($b as $column => $amount) {
            $a[$column] += $amount;
        }

        return $a;
    }

    /**
     * @param array<string, int> $amounts in millionths
     *
     * @return array<string, int>
     */
    private function inTenths(array $amounts): array
    {
        return array_map($this->tenths(...), $amounts);
    }

    private function tenths(int $millionths): int
    {
        return (int) round($millionths / (LedgerLine::MILLIONTHS / 10));
    }

    /** @param StoredLedgerLine $line */
    private function says(array $line): string
    {
        $subject = $line['subject'];

        return match ($line['kind']) {
            'time' => Words::of('ledger.time', ['subject' => $subject === '1 days' ? '1 day' : $subject]),
            'reading' => Words::of('ledger.reading', ['subject' => Words::of("signs.{$subject}")]),
            'untold' => Words::of("ledger.untold-{$subject}"),
            'step' => $this->step($subject, $line['as_told'] ?? 1.0),
            default => Words::of('ledger.' . $line['kind']),
        };
    }

    /** A step as it was told, and how likely it was done so where that is worth a word. */
    private function step(string $subject, float $asTold): string
    {
        $step = Words::of(CleanseKind::tryFrom($subject) === null ? "steps.{$subject}" : "cleanses.{$subject}");
        $percent = (int) round(100 * $asTold);

        return $percent >= self::GOOD_AS_TOLD_PERCENT
            ? $step
            : Words::of('ledger.as-told', ['step' => $step, 'percent' => (string) $percent]);
    }

    /**
     * Where later readings put the stratum on the evening the book opens with, with sd; null where the balance does not
     * reach back so far.
     *
     * @param StoredBalance $balance
     *
     * @return array<string, array{float, float}>|null
     */
    private function lookedBack(array $balance, int $stratum, \DateTimeImmutable $evening): ?array
    {
        $from = Calendar::dayOf(CarbonImmutable::parse($balance['from']));
        $day = $balance['strata'][$stratum]['days'][Calendar::daysBetween($from, $evening)] ?? null;

        return $day === null
            ? null
            : ['moisture' => [$day[0], $day[1]], 'protein' => [$day[2], $day[3]], 'build_up' => [$day[4], $day[5]]];
    }
}
