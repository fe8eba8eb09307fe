<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSnapshots;
use App\Models\Head;
use App\Models\HeadSnapshot;
use App\Wording\Words;
use Illuminate\Support\Facades\Lang;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\StateLayout;

/**
 * Looks for what is behind dryness or breakage: what each kind of step, the days and the readings put in or took out
 * over the last six
 * weeks, beside the six before, straight from the ledger. What the records cannot know is asked in turn. One thing is
 * to be changed next.
 */
final readonly class CauseScreen
{
    public const OF = [
        'dryness' => StateLayout::MOISTURE,
        'weakness' => StateLayout::PROTEIN,
        'breakage' => StateLayout::WEAR,
    ];

    private const WEEKS = 6;

    /** Changes smaller than this are noise of the weeks, in units of reserve or wear. */
    private const WORTH_NAMING = 0.5;

    public function __construct(
        private Outlooks $outlooks,
        private StoredSnapshots $storedSnapshots,
    ) {
    }


    public function of(Head $head, string $of): CausePage
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = $this->outlooks->current($head);
        $of = isset(self::OF[$of]) ? $of : 'dryness';
        $today = $head->salon->today();
        $turn = $today->subWeeks(self::WEEKS)->format('Y-m-d');
        $since = $today->subWeeks(2 * self::WEEKS)->format('Y-m-d');
        $sums = [];
        $lines = [
            ...$this->storedSnapshots
                ->since($head, $since)
                ->flatMap(fn (HeadSnapshot $day): array => $day->ledger)
                ->all(),
            ...$outlook->ledger,
        ];
        foreach ($lines as $line) {
            ['date' => $date, 'kind' => $kind, 'subject' => $subject] = $line;
            if ($date < $since || in_array($kind, ['opening', 'remap', 'limit'], true)) {
                continue;
            }
            $cause = ['time' => 'days', 'reading' => 'readings'][$kind] ?? $subject;
            $sums[$cause] ??= ['before' => 0.0, 'lately' => 0.0, 'times' => ['before' => 0, 'lately' => 0]];
            $half = $date >= $turn ? 'lately' : 'before';
            $sums[$cause][$half] += $this->amount($line, self::OF[$of], $outlook->standing);
            $sums[$cause]['times'][$half]++;
        }
        $causes = $this->ranked($sums, $of === 'breakage' ? 1 : -1);

        return new CausePage(
            head: $head,
            of: $of,
            choices: array_keys(self::OF),
            weeks: self::WEEKS,
            causes: $causes,
            next: $causes === [] ? null : $this->advice($of, $causes[0]['cause']),
            ask: $this->questions($of),
        );
    }

    /**
     * @param StoredLedgerLine    $line
     * @param list<StoredStratum> $standing
     *
     * @return float over the strata by their share of hair
     */
    private function amount(array $line, int $quantity, array $standing): float
    {
        $sum = 0.0;
        foreach ($standing as $s => $stratum) {
            $sum += $stratum['share'] * ($line['amounts'][$s][$quantity] ?? 0) / LedgerLine::MILLIONTHS;
        }

        return $sum;
    }

    /**
     * @param array<string, array{before: float, lately: float, times: array{before: int, lately: int}}> $sums
     * @param int $worse sign of a change for the worse
     *
     * @return list<array{
     *     cause: string, words: string, before: float, lately: float, change: float,
     *     times: array{before: int, lately: int},
     * }>
     */
    private function ranked(array $sums, int $worse): array
    {
        $causes = [];
        foreach ($sums as $cause => $sum) {
            $change = $sum['lately'] - $sum['before'];
            // What readings corrected is what is to be explained, not an explanation.
            if ($cause !== 'readings' && $worse * $change >= self::WORTH_NAMING) {
                $causes[] = [
                    'cause' => (string) $cause, 'words' => $this->words((string) $cause),
                    'before' => round($sum['before'], 1), 'lately' => round($sum['lately'], 1),
                    'change' => round($change, 1), 'times' => $sum['times'],
                ];
            }
        }
        usort($causes, fn (array $a, array $b): int => abs($b['change']) <=> abs($a['change']));

        return $causes;
    }

    private function words(string $cause): string
    {
        return match (true) {
            $cause === 'days' => 'time and air: more days between, drier air, or unsealed',
            Lang::has("nagomi.cleanses.{$cause}") => lcfirst(Words::of("cleanses.{$cause}")),
            Lang::has("nagomi.steps.{$cause}") => lcfirst(Words::of("steps.{$cause}")),
            default => Words::of("ledger.untold-{$cause}"),
        };
    }

    private function advice(string $of, string $cause): string
    {
        return match (true) {
            $cause === 'days' && $of === 'breakage' =>
                'Sleep on satin and wear the hair loose for three wash days; then look again.',
            $cause === 'days' =>
                'Seal after the leave-in, or wash a day or two sooner, for three wash days; then look again.',
            $cause === 'mask' =>
                'Bring the mask back to its rhythm for three wash days and change nothing else; then look again.',
            $cause === 'detangle' =>
                'Detangle in smaller sections with more slip, fingers first, for three wash days; then count again.',
            $cause === 'heat-tool' => 'Leave the heat tool out for three wash days; then count again.',
            in_array($cause, ['clarifying', 'chelating', 'shampoo', 'scalp-care'], true) =>
                'Cleanse one step gentler, with a pre-wash, for three wash days; then look again.',
            in_array($cause, ['strong-protein', 'mild-protein'], true) =>
                'Plan one protein by signs and look before the next.',
            $cause === 'chemical-service' => 'Let no further chemical service near it this season; trim what is worn.',
            default => 'Change this one thing for three wash days and nothing else; then look again.',
        };
    }

    /** @return list<string> what the records cannot know, asked in turn */
    private function questions(string $of): array
    {
        $all = [
            'What is the hair slept on, and is it covered?',
            'Was anything worn tight: a bun, braids, a cap, a helmet strap?',
            'Which tool, and on wet or dry hair?',
            'Was the seal or the leave-in skipped?',
            'New water, new heating, the sea or a pool?',
            'A new product, or an old one used up?',
        ];

        return $of === 'breakage' ? $all : array_values(array_diff_key($all, [1 => true, 2 => true]));
    }
}
