<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Validation;

use Nagomi\Core\Practice\CalendarPlays;
use Nagomi\Core\Practice\DrawnCase;
use Nagomi\Core\Practice\PlannerPlays;
use Nagomi\Core\Practice\PracticeGame;
use Nagomi\Core\Practice\PracticePlayer;
use Nagomi\Core\Practice\PracticeScore;
use Nagomi\Core\Practice\RandomPlays;
use Nagomi\Core\Tests\Support\Make;

it('beats the calendar on most practice cases, and dice lose to both', function (): void {
    $cases = 40;
    $beats = $worseThanPlan = $worseThanCalendar = 0;
    $brier = ['plan' => 0.0, 'calendar' => 0.0, 'dice' => 0.0];
    for ($seed = 0; $seed < $cases; $seed++) {
        $case = DrawnCase::of(7000 + $seed, Make::day('2026-01-05'));
        $lives = array_map(
            static fn (PracticePlayer $player) => PracticeGame::played($case, $player),
            ['plan' => new PlannerPlays(), 'calendar' => new CalendarPlays(), 'dice' => new RandomPlays($seed)],
        );
        $lost = array_map(PracticeScore::lost(...), $lives);
        $beats += $lost['plan'] < $lost['calendar'] ? 1 : 0;
        $worseThanPlan += $lost['dice'] > $lost['plan'] ? 1 : 0;
        $worseThanCalendar += $lost['dice'] > $lost['calendar'] ? 1 : 0;
        foreach ($lives as $who => $life) {
            $brier[$who] += ($life->tally->brier() ?? 0.0) / $cases;
        }
    }

    expect($beats)->toBeGreaterThanOrEqual((int) ceil(0.7 * $cases))
        ->and($worseThanPlan)->toBeGreaterThanOrEqual((int) ceil(0.95 * $cases))
        ->and($worseThanCalendar)->toBeGreaterThanOrEqual((int) ceil(0.8 * $cases))
        ->and($brier['plan'])->toBeLessThan($brier['calendar'])
        ->and($brier['calendar'])->toBeLessThan($brier['dice']);
});
