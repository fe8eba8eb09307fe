<?php

declare(strict_types=1);


/** @param array<string, WashOption> $days */

use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\PlanVerdict;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

function planOf(array $days): Plan
{
    $items = [];
    foreach ($days as $date => $choice) {
        $items[] = new PlanItem(Make::day($date), 0, $choice, 60, ['because']);
    }

    return new Plan($items, [], 0, 0);
}

/** @param array<string, float> $cells */
function cells(array $cells): array
{
    return $cells + array_fill_keys(
        array_map(fn (BalanceCell $cell): string => $cell->value, BalanceCell::cases()),
        0.0,
    );
}

$rinse = new WashOption(CleanseKind::Gentle, 1, StepKind::Conditioner, 3);
$mask = new WashOption(CleanseKind::Gentle, 1, StepKind::Mask, 25);
$both = new WashOption(CleanseKind::Clarifying, 1, StepKind::Mask, 25, false, StepKind::StrongProtein);

it('says in one sentence how the head stands and what comes next', function (array $cells, float $buildUp, array $days, string $sentence): void {
    expect(English::say(PlanVerdict::sentence(
        cells($cells),
        $buildUp,
        planOf($days),
        Make::day('2026-03-02'),
        Parameters::shipped()->planning,
    )))->toBe($sentence);
})->with([
    'outright' => [
        ['dry' => 0.7, 'weak' => 0.3],
        10,
        ['2026-03-02' => $mask, '2026-03-23' => $both],
        'Dry; mask today, protein can wait until 23 Mar.',
    ],
    'two that are close' => [
        ['dry' => 0.5, 'weak' => 0.3],
        10,
        ['2026-03-03' => $both],
        'Probably dry, may be short of protein; strong protein and mask tomorrow.',
    ],
    'one that is the other and more' => [
        ['depleted' => 0.5, 'weak' => 0.4],
        10,
        ['2026-03-03' => $both],
        'Short of protein, probably dry as well; strong protein and mask tomorrow.',
    ],
    'one that may be more' => [
        ['dry' => 0.5, 'brittle' => 0.3],
        10,
        ['2026-03-03' => $mask],
        'Dry, perhaps too much protein as well; mask tomorrow.',
    ],
    'many that are possible' => [
        ['dry' => 0.3, 'weak' => 0.15, 'limp' => 0.15],
        10,
        ['2026-03-05' => $mask],
        'Perhaps dry, not yet sure; mask on 5 Mar.',
    ],
    'under build-up' => [
        ['in balance' => 0.9],
        60,
        ['2026-03-02' => $rinse, '2026-03-09' => $both],
        'In balance, with build-up; clarify on 9 Mar, strong protein and mask on 9 Mar.',
    ],
    'nothing due' => [['in balance' => 0.9], 10, ['2026-03-02' => $rinse], 'In balance.'],
]);
