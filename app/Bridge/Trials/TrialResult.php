<?php

declare(strict_types=1);

namespace App\Bridge\Trials;

use App\Bridge\Readings\MeasuredSigns;
use App\Models\Head;
use App\Models\Reading;
use App\Models\Trial;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Trials\DaysInARow;
use Nagomi\Core\Trials\PermutationTest;

/**
 * What the readings say of a change that is tried out: exactly, in plain words, and with what else was changed at the
 * same time.
 *
 * @phpstan-type TrialTold array{
 *     trial: Trial, first: list<float>, second: list<float>, result: PermutationTest|null, says: string,
 *     besides: list<string>,
 * }
 */
final readonly class TrialResult
{
    public const KINDS = ['half-head', 'before-after'];

    /** From this share of all trials without any effect on, chance explains it as well. */
    private const HARDLY_CHANCE = 0.1;

    public function __construct(
        private MeasuredSigns $measuredSigns,
        private Parameters $parameters,
        private TrialBesides $trialBesides,
    ) {
    }

    /** @return TrialTold */
    public function told(Head $head, Trial $trial): array
    {
        [$first, $second] = $trial->kind === 'half-head' ? $this->halves($head, $trial) : $this->sides($head, $trial);
        $few = min(count($first), count($second)) < PermutationTest::FEWEST;
        $result = $few || $first === [] || $second === []
            ? null
            : $this->tested($trial, $first, $second);

        return [
            'trial' => $trial,
            'first' => array_values($first),
            'second' => array_values($second),
            'result' => $result,
            'says' => $result === null ? $this->tooFew($trial, $first, $second) : $this->says($trial, $result),
            'besides' => $trial->kind === 'before-after' ? $this->trialBesides->of($head, $trial) : [],
        ];
    }

    /**
     * @param non-empty-array<int, float> $first  by day from the beginning
     * @param non-empty-array<int, float> $second by day from the beginning
     */
    private function tested(Trial $trial, array $first, array $second): PermutationTest
    {
        $inARow = new DaysInARow($this->parameters->readings);
        [$days, $others] = [array_keys($first), array_keys($second)];

        return $trial->kind === 'half-head'
            ? PermutationTest::paired(array_values($first), array_values($second), $inARow->paired($days))
            : PermutationTest::apart(array_values($first), array_values($second), $inARow->apart($days, $others));
    }

    /**
     * @param array<int, float> $first
     * @param array<int, float> $second
     */
    private function tooFew(Trial $trial, array $first, array $second): string
    {
        return $trial->kind === 'half-head'
            ? Words::say('trial-results.few-pairs', ['read' => count($first), 'least' => PermutationTest::FEWEST])
            : Words::say('trial-results.few', [
                'before' => count($first), 'after' => count($second), 'least' => PermutationTest::FEWEST,
            ]);
    }

    private function says(Trial $trial, PermutationTest $result): string
    {
        $unit = Words::of("sign_units.{$trial->sign}");
        $number = fn (float $value): string => Words::rounded($value, 1);
        $oneIn = max(1, (int) round(1 / $result->p));
        $chance = $oneIn === 1
            ? Words::say('trial-results.chance-always')
            : Words::say('trial-results.chance', ['of' => $oneIn]);
        $verdict = match (true) {
            $result->p < self::HARDLY_CHANCE - 1e-9 => 'hardly',
            $result->isPerfect => 'as-clear-as-can-be',
            default => 'may-be',
        };

        return Words::say('trial-results.' . ($result->difference >= 0 ? 'more' : 'less'), [
            'by' => $number(abs($result->difference)), 'unit' => $unit,
            'least' => $number($result->interval[0]), 'most' => $number($result->interval[1]),
            'verdict' => Words::say("trial-results.{$verdict}"), 'chance' => $chance,
        ]);
    }

    /**
     * @return array{array<int, float>, array<int, float>} the same days, counted from the beginning, on the usual and the
     *     changed side; the last ones where there are too many
     */
    private function halves(Head $head, Trial $trial): array
    {
        $days = [];
        foreach (
            $this->readings($head, $trial)->filter(
                fn (Reading $reading): bool => $reading->date >= $trial->began_on,
            ) as $reading
        ) {
            if ($reading->test === 'scalp' && $trial->sign === Sign::ScalpFlakes->value) {
                foreach ($this->flakes($reading, $trial) as $zone => $flakes) {
                    $days[$this->day($reading, $trial)][$zone][] = $flakes;
                }
                continue;
            }
            $value = $this->value($reading, $trial);
            if ($value !== null && in_array($reading->zone, [$trial->usual_zone, $trial->changed_zone], true)) {
                $days[$this->day($reading, $trial)][$reading->zone][] = $value;
            }
        }
        $both = array_slice(
            array_filter($days, fn (array $day): bool => count($day) === 2),
            -PermutationTest::MOST_PAIRS,
            preserve_keys: true,
        );

        return [
            array_map(fn (array $day): float => $this->mean($day[$trial->usual_zone] ?? []), $both),
            array_map(fn (array $day): float => $this->mean($day[$trial->changed_zone] ?? []), $both),
        ];
    }

    /** @return array<string, float> flakes of both sides, points of 10; a map of the scalp holds all zones at once */
    private function flakes(Reading $reading, Trial $trial): array
    {
        $flakes = [];
        foreach ([(string) $trial->usual_zone, (string) $trial->changed_zone] as $zone) {
            $of = $reading->raw["flakes_{$zone}"] ?? null;
            if (is_numeric($of)) {
                $flakes[$zone] = (float) $of;
            }
        }

        return $flakes;
    }

    /**
     * @return array{array<int, float>, array<int, float>} by day from the change on: the last ones before it, and the
     *     first after it; two readings of a day, by two stylists or at two places, are one day
     */
    private function sides(Head $head, Trial $trial): array
    {
        $days = [];
        foreach ($this->readings($head, $trial) as $reading) {
            $value = $this->value($reading, $trial);
            if ($value !== null) {
                $days[$this->day($reading, $trial)][] = $value;
            }
        }
        ksort($days);
        $days = array_map($this->mean(...), $days);
        $before = array_filter($days, fn (int $day): bool => $day < 0, ARRAY_FILTER_USE_KEY);
        $after = array_filter($days, fn (int $day): bool => $day >= 0, ARRAY_FILTER_USE_KEY);

        return [
            array_slice($before, -PermutationTest::MOST_EACH, preserve_keys: true),
            array_slice($after, 0, PermutationTest::MOST_EACH, preserve_keys: true),
        ];
    }

    /** Days from the beginning of the trial; below 0 before it. */
    private function day(Reading $reading, Trial $trial): int
    {
        return Calendar::daysBetween($trial->began_on, $reading->date);
    }

    /** @param array<int, float> $values of one day, one or more */
    private function mean(array $values): float
    {
        return array_sum($values) / max(1, count($values));
    }

    /** @return Collection<int, Reading> oldest first */
    private function readings(Head $head, Trial $trial): Collection
    {
        $tests = array_keys(array_filter(
            TestCatalogue::tests(),
            fn ($test): bool => in_array($trial->sign, $this->signsOf($test->name()), true),
        ));

        /** @var Collection<int, Reading> */
        return $head
            ->readings()
            ->whereIn('test', $tests)
            ->when(
                $trial->ended_on !== null,
                fn ($query) => $query->where('date', '<=', $trial->ended_on?->format('Y-m-d')),
            )
            ->get();
    }

    /** @return list<string> */
    public function signsOf(string $test): array
    {
        return match ($test) {
            'wet-stretch' => [Sign::WetStretch->value, Sign::StretchReturn->value],
            'broken-hairs' => [Sign::Broken->value],
            'result' => [
                Sign::Definition->value, Sign::Frizz->value, Sign::Clumping->value, Sign::Softness->value,
                Sign::Shine->value,
            ],
            'detangling' => [Sign::DetanglingMinutes->value],
            'scalp' => [
                Sign::ScalpFlakes->value, Sign::ScalpItch->value, Sign::ScalpOil->value, Sign::ScalpDryness->value,
            ],
            'scalp-at-home' => [Sign::ScalpItch->value, Sign::ScalpOil->value, Sign::ScalpDryness->value],
            default => [$test],
        };
    }

    /** @return list<string> what a trial can be measured by */
    public function signs(): array
    {
        $signs = array_merge(...array_map($this->signsOf(...), array_keys(TestCatalogue::tests())));

        return array_values(
            array_filter(array_unique($signs), fn (string $sign): bool => Sign::tryFrom($sign) !== null),
        );
    }

    private function value(Reading $reading, Trial $trial): ?float
    {
        foreach ($this->measuredSigns->of($reading) as $measured) {
            if ($measured->sign->value === $trial->sign) {
                return $measured->value;
            }
        }

        return null;
    }
}
