<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use Carbon\CarbonImmutable;
use Nagomi\Core\Balance\Layout;
use Nagomi\Core\Balance\LedgerLine;
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
        $since = $head->salon->today()->subWeeks($weeks)->format('Y-m-d');
        $opening = array_fill_keys(array_keys(self::COLUMNS), 0);
        $lines = [];
        foreach ($outlook->ledger as $line) {
            $amounts = self::amounts($line, $stratum);
            if ($line['date'] < $since) {
                $opening = self::sum($opening, $amounts);
            } elseif (array_filter($amounts) !== []) {
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
        ];
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
            'step' => Words::of(CleanseKind::tryFrom($subject) === null ? "steps.{$subject}" : "cleanses.{$subject}"),
            default => Words::of('ledger.' . self::text($line, 'kind')),
        };
    }

    /** @param array<string, mixed> $line */
    private static function text(array $line, string $name): string
    {
        return is_string($line[$name] ?? null) ? $line[$name] : '';
    }
}
