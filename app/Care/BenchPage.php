<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\Reading;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Reading\Bench;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Test;

/** What the Bench shows: the tests, and what the visit just taken told. */
final class BenchPage
{
    /** @return array<string, mixed> */
    public static function of(Head $head, mixed $visit, string $moment = ''): array
    {
        $head->loadMissing(['salon', 'outlook', 'zoneParts']);
        $outlook = Renewal::current($head);
        $today = $head->salon->today();
        $lastWash = $head->washDays()->reorder()->max('date');
        $told = is_array($visit) && is_string($visit['id'] ?? null)
            ? $head->readings()->where('visit', $visit['id'])->get()
            : $head->readings()->getRelated()->newCollection();

        return [
            'head' => $head,
            'today' => $today,
            'moment' => ($at = Moment::tryFrom($moment) ?? Moment::BeforeCleansing)->value,
            'tests' => ($tests = self::tests($at)),
            'worth' => ($worth = self::worth($outlook->worth ?? [], $at, $tests)),
            'more' => array_diff_key($tests, $worth),
            'daysSinceDetangled' => is_string($lastWash) ? Calendar::daysBetween(HeadRecord::date(new \DateTimeImmutable($lastWash)), HeadRecord::date($today)) : null,
            'visit' => $told->isEmpty() ? null : $visit['id'],
            'told' => $told->map(fn (Reading $reading): array => self::told($reading, $outlook->signs))->all(),
            'before' => is_array($visit) ? ($visit['before'] ?? []) : [],
            'after' => $outlook->standing,
            'verdict' => $outlook->verdict,
            'cautions' => HeadPage::cautions($head),
        ];
    }

    /**
     * @param list<array<string, mixed>> $signs
     *
     * @return array<string, mixed>
     */
    private static function told(Reading $reading, array $signs): array
    {
        $measured = Bench::test($reading->test)?->measure($reading->raw) ?? [];
        $names = array_map(fn ($one): string => $one->sign->value, $measured);

        return [
            'test' => $reading->test,
            'key' => $reading->key,
            'confirmed' => $reading->confirmed,
            'signs' => array_map(fn ($one): array => ['sign' => $one->sign->value, 'value' => round($one->value, 1), 'means' => $one->means, 'expected' => self::expected($signs, $one->sign->value, $reading->date->format('Y-m-d')), 'beside' => self::beside($signs, $one->sign->value)], $measured),
            'again' => array_values(array_filter($signs, fn (array $sign): bool => in_array($sign['sign'], $names, true) && $sign['again'] === true && $sign['date'] === $reading->date->format('Y-m-d'))),
        ];
    }

    /**
     * What was expected of a sign before it was read, with its doubt; null where it tells nothing of the balance or was read again since.
     *
     * @param list<array<string, mixed>> $signs
     */
    private static function expected(array $signs, string $name, string $date): ?string
    {
        foreach ($signs as $sign) {
            if ($sign['sign'] === $name && $sign['date'] === $date && is_numeric($sign['expected'] ?? null) && is_numeric($sign['expected_sd'] ?? null)) {
                return str_replace('-', '−', round((float) $sign['expected'], 1) . ' ± ' . round((float) $sign['expected_sd'], 1));
            }
        }

        return null;
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
     * @return array<string, array{minutes: float, before: float, after: float}>
     */
    private static function worth(array $worth, Moment $moment, array $tests): array
    {
        $ordered = [];
        foreach ($worth[$moment->value] ?? [] as $step) {
            $number = fn (string $name): float => is_numeric($step[$name] ?? null) ? (float) $step[$name] : 0.0;
            if (is_string($step['test'] ?? null) && isset($tests[$step['test']])) {
                $ordered[$step['test']] = ['minutes' => $number('minutes'), 'before' => $number('before'), 'after' => $number('after')];
            }
        }

        return $ordered;
    }

    /**
     * The last visit's value and what is usual for this head, for the summary.
     *
     * @param list<array<string, mixed>> $signs
     */
    private static function beside(array $signs, string $name): string
    {
        foreach ($signs as $sign) {
            if ($sign['sign'] === $name) {
                $series = is_array($sign['series'] ?? null) ? array_values($sign['series']) : [];
                $last = $series[count($series) - 2] ?? null;
                $usual = is_array($sign['usual'] ?? null) ? $sign['usual'] : null;

                return str_replace('-', '−', (is_numeric($last) ? ', last time ' . $last : '') . (isset($usual[0], $usual[1]) && is_numeric($usual[0]) && is_numeric($usual[1]) ? ", usual {$usual[0]} to {$usual[1]}" : ''));
            }
        }

        return '';
    }
}
