<?php

declare(strict_types=1);

namespace App\Pages\HairTests;

use App\Bridge\Plans\Outlooks;
use App\Models\Head;
use App\Models\Reading;
use App\Models\TestDraft;
use App\Models\User;
use App\Models\Visit;
use App\Pages\Now\NowScreen;
use App\Wording\DecisionWords;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Readings\Unit;
use Nagomi\Core\Treatments\Calendar;

/**
 * What Hair tests shows: the tests of a moment, those worth taking first, and what was typed and not taken in yet.
 */
final readonly class HairTestsScreen
{
    private const UNIT_CHOICES = [Unit::Millimetre, Unit::Gram, Unit::Celsius, Unit::MilligramPerLitre];

    public function __construct(
        private NowScreen $nowScreen,
        private Outlooks $outlooks,
    ) {
    }

    /**
     * @param mixed $at the moment as it was asked for; anything else is before cleansing
     */
    public function of(Head $head, User $stylist, mixed $at): HairTestsPage
    {
        $moment = $this->moment($at);
        $outlook = $this->outlooks->current($head->loadMissing(['salon', 'outlook', 'zoneParts']));
        $tests = $this->tests($moment);
        $worth = $this->worth($outlook->worth ?? [], $moment, $tests);

        return new HairTestsPage(
            head: $head,
            units: $stylist->units ?? [],
            unitFactors: Unit::factors(),
            unitChoices: self::UNIT_CHOICES,
            daysSinceDetangled: $this->daysSinceDetangled($head),
            date: $head->salon->today(),
            moment: $moment->value,
            tests: $tests,
            worth: $worth,
            more: array_diff_key($tests, $worth),
            visit: strtolower((string) Str::ulid()),
            correcting: null,
            draft: TestDraft::typed($head, $stylist, $moment->value),
            skippedLast: $this->skippedLast($head, $moment),
            values: [],
            zoned: [],
            cautions: $this->nowScreen->cautions($head),
        );
    }

    public function moment(mixed $at): Moment
    {
        return Moment::tryFrom(is_string($at) ? $at : '') ?? Moment::BeforeCleansing;
    }

    /** The readings of a visit, to be corrected; in the units of the book. */
    public function correcting(Head $head, User $stylist, Visit $visit): HairTestsPage
    {
        $moment = Moment::from($visit->moment);
        $tests = $this->tests($moment);
        $values = [];
        foreach ($visit->readings as $reading) {
            data_set(
                $values,
                $reading->zone === null ? "raw.{$reading->test}" : "zones.{$reading->zone}.{$reading->test}",
                $reading->raw,
            );
        }
        $values = (array) $values;
        $whole = array_intersect_key($tests, is_array($values['raw'] ?? null) ? $values['raw'] : []);

        $head->loadMissing(['salon', 'outlook', 'zoneParts']);

        return new HairTestsPage(
            head: $head,
            units: [],
            unitFactors: Unit::factors(),
            unitChoices: self::UNIT_CHOICES,
            daysSinceDetangled: $this->daysSinceDetangled($head),
            date: $visit->date,
            moment: $moment->value,
            tests: $tests,
            worth: array_map(fn (): ?array => null, $whole),
            more: array_diff_key($tests, $whole),
            visit: $visit->id,
            correcting: $visit,
            draft: null,
            skippedLast: [],
            values: $values,
            zoned: $visit->readings
                ->filter(fn (Reading $reading): bool => $reading->zone !== null)
                ->groupBy('zone')
                ->map(fn (Collection $of): array => array_intersect_key($tests, $of->keyBy('test')->all()))
                ->all(),
            cautions: [],
        );
    }

    private function daysSinceDetangled(Head $head): ?int
    {
        $lastWash = $head->washDays()->reorder()->max('date');

        return is_string($lastWash)
            ? Calendar::daysBetween(
                Calendar::dayOf(new \DateTimeImmutable($lastWash)),
                Calendar::dayOf($head->salon->today()),
            )
            : null;
    }

    /** @return array<string, Test> the tests of a moment; those that belong to this one and few others come first */
    private function tests(Moment $moment): array
    {
        $tests = array_filter(
            TestCatalogue::tests(),
            fn (Test $test): bool => in_array($moment, $test->moments(), true),
        );
        if ($moment !== Moment::BeforeCleansing) {
            uasort($tests, fn (Test $a, Test $b): int => count($a->moments()) <=> count($b->moments()));
        }

        return $tests;
    }

    /**
     * The tests worth taking now, in their order, each with its reason.
     *
     * @param array<string, list<StoredWorth>> $worth
     * @param array<string, Test>              $tests
     *
     * @return array<string, array{minutes: float, before: float, after: float, why: list<string>, followed: bool}>
     */
    private function worth(array $worth, Moment $moment, array $tests): array
    {
        $ordered = [];
        foreach ($worth[$moment->value] ?? [] as $step) {
            if (isset($tests[$step['test']])) {
                $ordered[$step['test']] = [
                    'minutes' => (float) $step['minutes'],
                    'before' => (float) $step['before'],
                    'after' => (float) $step['after'],
                    'why' => $this->why($step),
                    'followed' => $step['followed'] ?? false,
                ];
            }
        }

        return $ordered;
    }

    /**
     * @param StoredWorth $step
     *
     * @return list<string> a sentence each
     */
    private function why(array $step): array
    {
        $why = isset($step['decides']) ? [DecisionWords::of($step['decides'])] : [];
        if (isset($step['hinges'])) {
            $why[] = Words::of(
                'hinges',
                [
                    'treatment' => lcfirst(Words::of("steps.{$step['hinges']['kind']}")),
                    'day' => SalonClock::dayInWords($step['hinges']['on'], 'j M'),
                ],
            );
        }
        if (isset($step['overdue'])) {
            $why[] = Words::of(
                'overdue',
                ['ago' => (string) $step['overdue']['ago'], 'usual' => (string) $step['overdue']['usual']],
            );
        }

        return $why;
    }

    /** @return array<string, string> the tests left out at the last visit of this moment, with the reason */
    private function skippedLast(Head $head, Moment $moment): array
    {
        /** @var Visit|null $last */
        $last = $head->visits()->where('moment', $moment->value)->whereNull('undone_at')->first();

        return $last->skipped ?? [];
    }
}
