<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Reading;
use App\Models\User;
use App\Models\Visit;
use Illuminate\Support\Str;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Reading\Bench;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Test;
use Nagomi\Core\Reading\Unit;

/** What the Bench shows: the tests of a moment, those worth taking first, and what was typed and not taken in yet. */
final class BenchPage
{
    /**
     * @param mixed $at the moment as it was asked for; anything else is before cleansing
     *
     * @return array<string, mixed>
     */
    public static function of(Head $head, User $stylist, mixed $at): array
    {
        $moment = self::moment($at);
        $outlook = Renewal::current($head->loadMissing(['salon', 'outlook', 'zoneParts']));
        $tests = self::tests($moment);
        $worth = self::worth($outlook->worth ?? [], $moment, $tests);

        return self::shared($head, $stylist) + [
            'date' => $head->salon->today(),
            'moment' => $moment->value,
            'tests' => $tests,
            'worth' => $worth,
            'more' => array_diff_key($tests, $worth),
            'visit' => strtolower((string) Str::ulid()),
            'correcting' => null,
            'draft' => BenchDrafts::of($head, $stylist, $moment->value),
            'skippedLast' => self::skippedLast($head, $moment),
            'values' => [],
            'zoned' => [],
            'cautions' => HeadPage::cautions($head),
        ];
    }

    public static function moment(mixed $at): Moment
    {
        return Moment::tryFrom(is_string($at) ? $at : '') ?? Moment::BeforeCleansing;
    }

    /** @return array<string, mixed> the readings of a visit, to be corrected; in the units of the book */
    public static function correcting(Head $head, User $stylist, Visit $visit): array
    {
        $moment = Moment::from($visit->moment);
        $tests = self::tests($moment);
        $values = [];
        foreach ($visit->readings as $reading) {
            data_set($values, $reading->zone === null ? "raw.{$reading->test}" : "zones.{$reading->zone}.{$reading->test}", $reading->raw);
        }
        $whole = array_intersect_key($tests, is_array($values['raw'] ?? null) ? $values['raw'] : []);

        return array_replace(self::shared($head->loadMissing(['salon', 'outlook', 'zoneParts']), $stylist), ['units' => []]) + [
            'date' => $visit->date,
            'moment' => $moment->value,
            'tests' => $tests,
            'worth' => array_map(fn (): ?array => null, $whole),
            'more' => array_diff_key($tests, $whole),
            'visit' => $visit->id,
            'correcting' => $visit,
            'draft' => null,
            'skippedLast' => [],
            'values' => $values,
            'zoned' => $visit->readings->filter(fn (Reading $reading): bool => $reading->zone !== null)->groupBy('zone')->map(fn ($of): array => array_intersect_key($tests, array_flip($of->pluck('test')->all())))->all(),
            'cautions' => [],
        ];
    }

    /** @return array<string, mixed> */
    private static function shared(Head $head, User $stylist): array
    {
        $lastWash = $head->washDays()->reorder()->max('date');
        $today = HeadRecord::date($head->salon->today());

        return [
            'head' => $head,
            'units' => $stylist->units ?? [],
            'unitChoices' => [Unit::Millimetre, Unit::Gram, Unit::Celsius, Unit::MilligramPerLitre],
            'daysSinceDetangled' => is_string($lastWash) ? Calendar::daysBetween(HeadRecord::date(new \DateTimeImmutable($lastWash)), $today) : null,
        ];
    }

    /** @return array<string, Test> the tests of a moment; those that belong to this one and few others come first */
    private static function tests(Moment $moment): array
    {
        $tests = array_filter(Bench::tests(), fn (Test $test): bool => in_array($moment, $test->moments(), true));
        if ($moment !== Moment::BeforeCleansing) {
            uasort($tests, fn (Test $a, Test $b): int => count($a->moments()) <=> count($b->moments()));
        }

        return $tests;
    }

    /**
     * The tests worth taking now, in their order, each with its reason.
     *
     * @param array<string, list<array<string, mixed>>> $worth
     * @param array<string, Test>                       $tests
     *
     * @return array<string, array{minutes: float, before: float, after: float, why: list<string>, followed: bool}>
     */
    private static function worth(array $worth, Moment $moment, array $tests): array
    {
        $ordered = [];
        foreach ($worth[$moment->value] ?? [] as $step) {
            $number = fn (string $name): float => is_numeric($step[$name] ?? null) ? (float) $step[$name] : 0.0;
            if (is_string($step['test'] ?? null) && isset($tests[$step['test']])) {
                $ordered[$step['test']] = ['minutes' => $number('minutes'), 'before' => $number('before'), 'after' => $number('after'), 'why' => self::why($step), 'followed' => ($step['followed'] ?? false) === true];
            }
        }

        return $ordered;
    }

    /**
     * @param array<string, mixed> $step
     *
     * @return list<string> a sentence each
     */
    private static function why(array $step): array
    {
        $why = [];
        if (is_array($step['hinges'] ?? null) && is_string($step['hinges']['kind'] ?? null) && is_string($step['hinges']['on'] ?? null)) {
            $why[] = Words::of('hinges', ['treatment' => lcfirst(Words::of("steps.{$step['hinges']['kind']}")), 'day' => (new \DateTimeImmutable($step['hinges']['on']))->format('j M')]);
        }
        if (is_array($step['overdue'] ?? null) && is_int($step['overdue']['ago'] ?? null) && is_int($step['overdue']['usual'] ?? null)) {
            $why[] = Words::of('overdue', ['ago' => (string) $step['overdue']['ago'], 'usual' => (string) $step['overdue']['usual']]);
        }

        return $why;
    }

    /** @return array<string, string> the tests left out at the last visit of this moment, with the reason */
    private static function skippedLast(Head $head, Moment $moment): array
    {
        /** @var Visit|null $last */
        $last = $head->visits()->where('moment', $moment->value)->whereNull('undone_at')->first();

        return $last->skipped ?? [];
    }
}
