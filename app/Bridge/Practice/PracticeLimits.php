<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use App\Models\PlayedCase;
use App\Wording\Money;
use App\Wording\Words;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Practice\PracticeBudget;
use Nagomi\Core\Practice\PracticeDecision;
use Nagomi\Core\Practice\PracticeLife;

/** Whether there is a visit, time and money for an act in a practice case. */
final readonly class PracticeLimits
{
    public function __construct(private PlayedLife $playedLife, private PlayedDecision $playedDecision)
    {
    }

    /**
     * @param PlayedCase   $played with its acts
     * @param int          $turn   the visit they are of, 0 to 7
     * @param list<string> $tests
     */
    public function ofTests(PlayedCase $played, int $turn, array $tests): ?PracticeRefused
    {
        $life = $this->playedLife->of($played);
        $usual = $life->told->parameters->readings->testMinutes;
        $new = array_diff($tests, $life->testsTaken());
        $minutes = array_sum(array_map(static fn (string $test): float => $usual[$test] ?? 0.0, $new));

        return match (true) {
            $life->turn !== $turn => $this->over(),
            $new === [] => new PracticeRefused('tests', Words::say('practice.wrong.no-test')),
            $minutes > $life->testMinutesLeft() => new PracticeRefused(
                'tests',
                Words::say('practice.wrong.test-time', [
                    'minutes' => Words::number(round($minutes, 1)),
                    'left' => Words::number(round($life->testMinutesLeft(), 1)),
                ]),
            ),
            default => null,
        };
    }

    /**
     * @param PlayedCase        $played with its acts
     * @param int               $turn   the visit it is of, 0 to 7
     * @param StoredPlayedVisit $visit
     */
    public function ofVisit(PlayedCase $played, int $turn, array $visit): ?PracticeRefused
    {
        $life = $this->playedLife->of($played);
        if ($life->turn !== $turn) {
            return $this->over();
        }
        $decision = $this->playedDecision->of($visit, $life->told);

        return $this->today($life, $decision)
            ?? $this->atHome($life, $decision)
            ?? $this->money($played, $life, $decision);
    }

    private function over(): PracticeRefused
    {
        return new PracticeRefused('visit', Words::say('practice.wrong.over'));
    }

    private function today(PracticeLife $life, PracticeDecision $decision): ?PracticeRefused
    {
        $minutes = $life->case->budget->visitMinutes;
        if ($decision->today === null || $this->fits($life, $decision->today, $minutes)) {
            return null;
        }

        return new PracticeRefused('mask_minutes', Words::say('practice.wrong.visit-time', [
            'minutes' => (int) ceil($decision->today->minutes($life->told)), 'there' => $minutes,
        ]));
    }

    private function atHome(PracticeLife $life, PracticeDecision $decision): ?PracticeRefused
    {
        $minutes = $life->case->budget->homeMinutes;
        $long = array_filter($decision->home, fn (WashOption $wash): bool => ! $this->fits($life, $wash, $minutes));
        if ($long === []) {
            return null;
        }

        return new PracticeRefused('home_mask_minutes', Words::say('practice.wrong.home-time', [
            'minutes' => (int) ceil(max(array_map(
                static fn (WashOption $wash): float => $wash->minutes($life->told),
                $long,
            ))),
            'there' => $minutes,
        ]));
    }

    private function fits(PracticeLife $life, WashOption $wash, int $minutes): bool
    {
        return $life->case->budget->fits($wash, $life->told, $minutes, INF);
    }

    private function money(PlayedCase $played, PracticeLife $life, PracticeDecision $decision): ?PracticeRefused
    {
        $washes = [...$decision->today === null ? [] : [$decision->today], ...array_values($decision->home)];
        $price = array_sum(array_map(
            static fn (WashOption $wash): float => PracticeBudget::price($wash, $life->told),
            $washes,
        ));

        $shown = static fn (float $units): string => Money::shown(
            (int) round(100 * $played->salon->price_level * $units),
            $played->salon->currency,
        );

        return $price <= $life->moneyLeft() ? null : new PracticeRefused('visit', Words::say('practice.wrong.money', [
            'price' => $shown($price), 'left' => $shown(max(0.0, $life->moneyLeft())),
        ]));
    }
}
