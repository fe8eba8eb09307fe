<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\HeadDay;
use Carbon\CarbonImmutable;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\LedgerLine;
use Nagomi\Core\Balance\Point;
use Nagomi\Core\Treatment\CleanseKind;

/**
 * The balance book of one stratum over some weeks: opening, lines, closing. The screen shows one decimal; what
 * rounding the lines leaves over stands in a line of its own, so that the column can be added up by hand.
 */
final class LedgerPage
{
    public const WEEKS = [4, 12, 52];

    /** What the book shows as columns: moisture, protein, build-up of both kinds. */
    private const COLUMNS = [
        'moisture' => [Layout::MOISTURE],
        'protein' => [Layout::PROTEIN],
        'build_up' => [Layout::WASHABLE, Layout::STUBBORN],
    ];

    /** @return array<string, mixed> */
    public static function of(Head $head, int $stratum, int $weeks): array
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = Renewal::current($head);
        $weeks = in_array($weeks, self::WEEKS, true) ? $weeks : self::WEEKS[0];
        $stratum = isset($outlook->standing[$stratum]) ? $stratum : 0;
        $today = $head->salon->today();
        $since = $today->subWeeks($weeks)->format('Y-m-d');
        $before = StoredDays::before($head, HeadRecord::frame($head), HeadRecord::date($today->subWeeks($weeks)));
        // Before the first day of the book there is nothing to bring forward: its opening is a line like the others.
        $opening = $before === null ? array_fill_keys(array_keys(self::COLUMNS), 0) : self::held($before, $stratum);
        $lines = [];
        foreach ([...StoredDays::since($head, $since)->flatMap(fn (HeadDay $day): array => $day->ledger)->all(), ...$outlook->ledger] as $line) {
            $amounts = self::amounts($line, $stratum);
            if (array_filter($amounts) !== [] || self::text($line, 'kind') === 'remap') {
                $lines[] = ['date' => CarbonImmutable::parse(self::text($line, 'date')), 'kind' => self::text($line, 'kind'), 'says' => self::says($line), 'amounts' => array_map(self::tenths(...), $amounts), 'exact' => $amounts];
            }
        }
        $closing = array_reduce(array_column($lines, 'exact'), self::sum(...), $opening);
        $shown = array_reduce(array_column($lines, 'amounts'), self::sum(...), array_map(self::tenths(...), $opening));

        return [
            'head' => $head,
            'outlook' => $outlook,
            'stratum' => $stratum,
            'weeks' => $weeks,
            'since' => CarbonImmutable::parse($since),
            'opening' => array_map(self::tenths(...), $opening),
            'lines' => $lines,
            'rounding' => self::sum(array_map(self::tenths(...), $closing), array_map(fn (int $tenths): int => -$tenths, $shown)),
            'closing' => array_map(self::tenths(...), $closing),
            'closingExact' => $closing,
            'lookedBack' => self::lookedBack($outlook->river, $stratum, $since),
        ];
    }

    /** @return array<string, int> what a stratum held at the end of a day, in millionths by column */
    private static function held(Point $point, int $stratum): array
    {
        $of = fn (int $quantity): int => (int) round(LedgerLine::MILLIONTHS * $point->state->mean[Layout::PER_STRATUM * min($stratum, $point->state->layout->strata - 1) + $quantity]);

        return array_map(fn (array $quantities): int => array_sum(array_map($of, $quantities)), self::COLUMNS);
    }

    /**
     * @param array<string, mixed> $line
     *
     * @return array<string, int> millionths by column
     */
    private static function amounts(array $line, int $stratum): array
    {
        $of = is_array($line['amounts'] ?? null) ? ($line['amounts'][$stratum] ?? []) : [];

        return array_map(fn (array $quantities): int => (int) array_sum(array_map(fn (int $quantity): int => is_array($of) ? (int) ($of[$quantity] ?? 0) : 0, $quantities)), self::COLUMNS);
    }

    /**
     * @param array<string, int> $a
     * @param array<string, int> $b
     *
     * @return array<string, int>
     */
    private static function sum(array $a, array $b): array
    {
        foreach ($b as $column => $amount) {
            $a[$column] += $amount;
        }

        return $a;
    }

    private static function tenths(int $millionths): int
    {
        return (int) round($millionths / (LedgerLine::MILLIONTHS / 10));
    }

    /** @param array<string, mixed> $line */
    private static function says(array $line): string
    {
        $subject = self::text($line, 'subject');

        return match (self::text($line, 'kind')) {
            'time' => Words::of('ledger.time', ['subject' => $subject === '1 days' ? '1 day' : $subject]),
            'reading' => Words::of('ledger.reading', ['subject' => Words::of("signs.{$subject}")]),
            'untold' => Words::of("ledger.untold-{$subject}"),
            'step' => Words::of(CleanseKind::tryFrom($subject) === null ? "steps.{$subject}" : "cleanses.{$subject}"),
            default => Words::of('ledger.' . self::text($line, 'kind')),
        };
    }

    /** @param array<string, mixed> $line */
    private static function text(array $line, string $name): string
    {
        return is_string($line[$name] ?? null) ? $line[$name] : '';
    }

    /**
     * Where later readings put the stratum on the day the book opens, with sd; null where the river does not reach back so far.
     *
     * @param array<string, mixed> $river
     *
     * @return array<string, array{float, float}>|null
     */
    private static function lookedBack(array $river, int $stratum, string $since): ?array
    {
        $from = is_string($river['from'] ?? null) ? $river['from'] : $since;
        $strata = is_array($river['strata'] ?? null) ? $river['strata'] : [];
        $days = is_array($strata[$stratum] ?? null) && is_array($strata[$stratum]['days'] ?? null) ? $strata[$stratum]['days'] : [];
        // The book brings forward the evening before its first day.
        $day = $days[Calendar::daysBetween(HeadRecord::date(CarbonImmutable::parse($from)), HeadRecord::date(CarbonImmutable::parse($since))) - 1] ?? null;
        if (! is_array($day)) {
            return null;
        }
        $pair = fn (int $at): array => [is_numeric($day[$at] ?? null) ? (float) $day[$at] : 0.0, is_numeric($day[$at + 1] ?? null) ? (float) $day[$at + 1] : 0.0];

        return ['moisture' => $pair(0), 'protein' => $pair(2), 'build_up' => $pair(4)];
    }
}
