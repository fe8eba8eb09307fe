<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Bridge\Practice\BeliefCells;
use App\Bridge\Practice\PracticeResult;
use App\Bridge\Practice\PracticeTests;
use App\Bridge\Practice\PracticeVisit;
use App\Bridge\Practice\PracticeVisits;
use App\Bridge\Practice\ShelfBottles;
use App\Drawings\PracticeStrand;
use App\Drawings\ResultRange;
use App\Models\PlayedCase;
use App\Models\Salon;
use App\Wording\Money;
use App\Wording\PracticeWords;
use App\Wording\Said;
use App\Wording\SalonClock;
use App\Wording\SignWords;
use App\Wording\StepWords;
use App\Wording\Words;
use App\Wording\YardstickWords;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Reading;

/** Shows a visit of a practice client. */
final readonly class PracticeVisitScreen
{
    public function __construct(private PracticeVisits $practiceVisits)
    {
    }

    /** @param PlayedCase $played that has not ended, with its acts */
    public function of(PlayedCase $played): PracticeVisitPage
    {
        $visit = $this->practiceVisits->of($played);
        $tests = $this->tests($visit);

        return new PracticeVisitPage(
            played: $played,
            title: PracticeWords::title($played),
            turn: $visit->turn,
            turns: $visit->turns,
            portrait: PracticeStrand::of(
                "practice {$played->name} {$played->seed}",
                $visit->told,
                $visit->ringMm,
                $visit->looks,
            ),
            complaints: $visit->complaints === [] ? [Words::say('practice.complaints.none')] : array_map(
                static fn (string $complaint): string => Words::say("practice.complaints.{$complaint}"),
                $visit->complaints,
            ),
            told: $this->told($visit),
            budget: $this->budget($visit, $played->salon),
            shown: self::those($tests, true),
            tests: self::those($tests, false),
            cells: $this->cells($played),
            shelf: ['mask' => $this->bottles('mask'), 'protein' => $this->bottles('mild-protein')],
            adds: $visit->adds,
            prices: self::times($played->salon->price_level, $visit->prices),
            currency: $played->salon->currency,
            limits: [
                'visit' => $visit->budget['visit'], 'home' => $visit->budget['home'],
                'money' => round($played->salon->price_level * $visit->budget['moneyLeft'], 2),
            ],
            done: array_map(static fn (array $day): array => [
                'day' => SalonClock::dayInWords($day['date'], 'j M'), 'does' => StepWords::summary($day['steps']),
            ], array_reverse($visit->washDays)),
            before: $this->before($visit),
            porosity: $visit->told->strata[0]->porosity->value,
            last: $this->last($played, $visit),
        );
    }

    /** @return list<list<array{field: string, name: string, weight: int}>> each thought as likely as at the visit before */
    private function cells(PlayedCase $played): array
    {
        $weights = BeliefCells::weights($played->lastVisit()['belief'] ?? null);

        return array_map(static fn (array $row): array => array_map(static fn (string $cell): array => [
            'field' => BeliefCells::field($cell), 'name' => Words::of("cells.{$cell}"), 'weight' => $weights[$cell],
        ], $row), BeliefCells::rows());
    }

    /** @return array<string, array{name: string, ingredients: string}> by name in the form */
    private function bottles(string $step): array
    {
        $bottles = [];
        foreach (ShelfBottles::for($step) as $name => $ingredients) {
            $bottles[$name] = ['name' => Words::say("practice.bottles.{$name}"), 'ingredients' => $ingredients];
        }

        return $bottles;
    }

    /** @return StoredPlayedHome what was asked for at home last; at first what the client is used to */
    private function last(PlayedCase $played, PracticeVisit $visit): array
    {
        return $played->lastVisit()['home'] ?? [
            'every' => $visit->told->washEveryDays, 'cleanse' => 'gentle', 'mask_every' => 2, 'mask_minutes' => 15,
            'protein_every' => 0, 'clarify_every' => 0, 'oil' => false,
        ];
    }

    /** @return list<string> */
    private function told(PracticeVisit $visit): array
    {
        $told = $visit->told;

        return [
            ...array_map(fn (Stratum $stratum): string => Words::say('practice.told.hair', [
                'porosity' => Words::of("porosities.{$stratum->porosity->value}"),
                'strand' => Words::of("strands.{$stratum->strand->value}"),
            ]) . (count($told->strata) === 1 ? '' : ' (' . Said::stratum($stratum->name) . ')'), $told->strata),
            ...$told->bornOn === null ? [] : [
                Words::say('practice.told.child', ['years' => $told->ageOn($visit->date) ?? 0]),
            ],
            Words::say('practice.told.length', ['length' => (int) round($told->length() / 10)]),
            Words::say('practice.told.home', [
                'days' => $told->washEveryDays, 'load' => Words::of("loads.{$told->load->value}"),
            ]),
            Words::say('practice.told.around', [
                'hardness' => (int) round($told->hardness()), 'humidity' => (int) round($told->humidityPercent),
            ]),
            Words::say($told->method->says(MethodQuestion::Oils, 'none')
                ? 'practice.told.no-oil'
                : 'practice.told.oil'),
        ];
    }

    /**
     * @param array<string, float> $prices
     *
     * @return array<string, float>
     */
    private static function times(int $level, array $prices): array
    {
        return array_map(static fn (float $price): float => $level * $price, $prices);
    }

    /** @return list<string> */
    private function budget(PracticeVisit $visit, Salon $salon): array
    {
        $shown = static fn (float $units): string => Money::shown(
            (int) round(100 * $salon->price_level * $units),
            $salon->currency,
        );

        return [
            Words::say('practice.budget.tests', [
                'left' => Words::number(round($visit->budget['testsLeft'], 1)),
                'minutes' => Words::number($visit->budget['tests']),
            ]),
            Words::say('practice.budget.visit', ['minutes' => $visit->budget['visit']]),
            Words::say('practice.budget.home', ['minutes' => $visit->budget['home']]),
            Words::say('practice.budget.money', [
                'left' => $shown($visit->budget['moneyLeft']),
                'money' => $shown($visit->budget['money']),
            ]),
        ];
    }

    /** @return list<PracticeTestRow> */
    private function tests(PracticeVisit $visit): array
    {
        return array_map(static function (string $test) use ($visit): PracticeTestRow {
            $minutes = $visit->testMinutes[$test] ?? 0.0;
            $taken = $visit->taken[$test] ?? null;

            return new PracticeTestRow(
                $test,
                $minutes < 1
                    ? Words::say('practice.tests.seconds', ['seconds' => (int) round(60 * $minutes)])
                    : Words::say('practice.tests.minutes', ['minutes' => Words::number($minutes)]),
                $minutes <= $visit->budget['testsLeft'],
                $taken === null ? null : array_map(self::shown(...), $taken),
            );
        }, PracticeTests::names());
    }

    /**
     * @param list<PracticeTestRow> $rows
     *
     * @return list<PracticeTestRow>
     */
    private static function those(array $rows, bool $areTaken): array
    {
        return array_values(array_filter($rows, static fn ($row): bool => ($row->shows !== null) === $areTaken));
    }

    private static function shown(PracticeResult $result): PracticeSignLine
    {
        $measured = $result->measured;

        return new PracticeSignLine(
            YardstickWords::number($measured->value),
            SignWords::unit($measured->sign->value, $measured->value),
            SignWords::name($measured->sign->value, $measured->value),
            Said::of($measured->means),
            $result->balance === null ? null : ResultRange::of($measured->value, $result->balance),
        );
    }

    /** @return list<array{test: string, values: list<array{day: string, value: string}>}> */
    private function before(PracticeVisit $visit): array
    {
        $rows = [];
        foreach ($visit->before as $reading) {
            $rows[$reading->test][] = [
                'day' => SalonClock::dayInWords($reading->date, 'j M'), 'value' => $this->value($reading),
            ];
        }

        return array_map(
            static fn (string $test, array $values): array => [
                'test' => Words::of("tests.{$test}"), 'values' => array_reverse($values),
            ],
            array_keys($rows),
            $rows,
        );
    }

    private function value(Reading $reading): string
    {
        return implode(', ', array_map(
            static fn (MeasuredSign $sign): string => Words::number(round($sign->value, 1)) . ' '
                . Words::of("sign_units.{$sign->sign->value}"),
            $reading->measured,
        ));
    }
}
