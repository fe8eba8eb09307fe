<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSnapshots;
use App\Drawings\CauseBars;
use App\Models\Head;
use App\Models\HeadSnapshot;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Facades\Lang;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Trials\CauseChange;
use Nagomi\Core\Trials\EqualWeeks;

/**
 * Looks for what is behind dryness or breakage: what each kind of step and the days put in or took out over the last six
 * weeks, beside the six before, straight from the ledger, and by more than those weeks vary by themselves. What the
 * records cannot know is asked in turn. One thing is to be changed next.
 */
final readonly class CauseScreen
{
    public const OF = [
        'dryness' => StateLayout::MOISTURE,
        'weakness' => StateLayout::PROTEIN,
        'breakage' => StateLayout::WEAR,
    ];

    private const WEEKS = 6;

    /** Units of reserve or wear: what came to less in both spans is said as nothing. */
    private const SHOWN_FROM = 0.05;

    public function __construct(
        private Outlooks $outlooks,
        private StoredSnapshots $storedSnapshots,
        private Parameters $parameters,
    ) {
    }

    public function of(Head $head, string $of): CausePage
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = $this->outlooks->current($head);
        $of = isset(self::OF[$of]) ? $of : 'dryness';
        $today = $head->salon->today();
        $weeks = new EqualWeeks(Calendar::dayOf($today), self::WEEKS);
        $since = $today->subWeeks(2 * self::WEEKS)->format('Y-m-d');
        $lines = [
            ...$this->storedSnapshots
                ->since($head, $since)
                ->flatMap(fn (HeadSnapshot $day): array => $day->ledger)
                ->all(),
            ...$outlook->ledger,
        ];
        $this->share($weeks, $lines, $outlook->standing, self::OF[$of], $this->lastBefore($head, $since));
        $says = $this->parameters->planning->worthSaying;
        $worse = $of === 'breakage' ? 1 : -1;
        $worsened = $weeks->worsened($worse, $says['cause'], $says['by-chance']);
        $causes = $this->rows($worsened, $weeks->changes($worse), $of);

        return new CausePage(
            head: $head,
            of: $of,
            choices: array_keys(self::OF),
            weeks: self::WEEKS,
            causes: $causes,
            bars: CauseBars::of(array_map(static fn (CauseRow $row): array => [$row->before, $row->lately], $causes)),
            next: $worsened === [] ? null : $this->advice($of, $worsened[0]->cause),
            ask: $this->questions($of),
        );
    }

    /**
     * @param list<CauseChange> $worsened
     * @param list<CauseChange> $changes
     *
     * @return list<CauseRow> what changed for the worse first, then what else moved anything
     */
    private function rows(array $worsened, array $changes, string $of): array
    {
        $named = array_column($worsened, 'cause');
        $others = array_values(array_filter(
            $changes,
            static fn (CauseChange $change): bool => ! in_array($change->cause, $named, true)
                && $change->furthest() >= self::SHOWN_FROM,
        ));

        return array_map(fn (CauseChange $change): CauseRow => new CauseRow(
            words: $this->words($change->cause, in_array($change->cause, $named, true) ? 'worse' : $of),
            before: round($change->before, 1),
            lately: round($change->lately, 1),
            change: round($change->change(), 1),
            times: [$change->timesBefore, $change->timesLately],
            isWorse: in_array($change->cause, $named, true),
        ), [...$worsened, ...$others]);
    }

    /** The last day before a date on which something happened. */
    private function lastBefore(Head $head, string $date): ?DateTimeImmutable
    {
        $last = $head->days()->where('date', '<', $date)->max('date');

        return is_string($last) ? Calendar::dayOf(CarbonImmutable::parse($last)) : null;
    }

    /**
     * Shares the lines of the ledger out: what was done by its day, what passed by its days.
     *
     * @param list<StoredLedgerLine> $lines    oldest first
     * @param list<StoredStratum>    $standing
     * @param 0|1|4                  $quantity
     */
    private function share(
        EqualWeeks $weeks,
        array $lines,
        array $standing,
        int $quantity,
        ?DateTimeImmutable $last,
    ): void {
        foreach ($lines as $line) {
            $date = Calendar::dayOf(CarbonImmutable::parse($line['date']));
            $amount = $this->amount($line, $quantity, $standing);
            match ($line['kind']) {
                // What readings corrected is what is to be explained, not an explanation.
                'opening', 'remap', 'limit', 'reading' => null,
                'time' => $weeks->passed('days', $last ?? $date, $date, $amount),
                'untold' => $line['subject'] === 'gap'
                    ? $weeks->passed('gap', $last ?? $date, $date, $amount)
                    : $weeks->done($line['subject'], $date, $amount),
                default => $weeks->done($line['subject'], $date, $amount),
            };
            $last = $date;
        }
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

    /** @param string $days how the days are called that pass by themselves: causes.days */
    private function words(string $cause, string $days): string
    {
        return match (true) {
            $cause === 'days' => Words::say("causes.days.{$days}"),
            Lang::has("nagomi.cleanses.{$cause}") => lcfirst(Words::of("cleanses.{$cause}")),
            Lang::has("nagomi.steps.{$cause}") => lcfirst(Words::of("steps.{$cause}")),
            default => Words::of("ledger.untold-{$cause}"),
        };
    }

    private function advice(string $of, string $cause): string
    {
        return Words::say('causes.try.' . match (true) {
            $cause === 'days' && $of === 'breakage' => 'satin',
            in_array($cause, ['days', 'mask', 'detangle', 'heat-tool', 'chemical-service'], true) => $cause,
            in_array($cause, ['clarifying', 'chelating', 'shampoo', 'scalp-care'], true) => 'cleanse',
            in_array($cause, ['strong-protein', 'mild-protein'], true) => 'protein',
            default => 'one-thing',
        });
    }

    /** @return list<string> what the records cannot know, asked in turn */
    private function questions(string $of): array
    {
        // What is worn tight and combed with breaks hair, and does nothing else.
        $asked = $of === 'breakage'
            ? ['slept-on', 'tight', 'tool', 'skipped', 'new-water', 'new-product']
            : ['slept-on', 'skipped', 'new-water', 'new-product'];

        return array_map(static fn (string $one): string => Words::say("causes.ask.{$one}"), $asked);
    }
}
