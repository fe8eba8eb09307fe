<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Planning\WashOptions;

/** Decides by dice: whoever learns should soon do better. */
final readonly class RandomPlays implements PracticePlayer
{
    public function __construct(private int $seed)
    {
    }

    public function tests(PracticeLife $life): array
    {
        return [];
    }

    public function decides(PracticeLife $life): PracticeDecision
    {
        $chance = (new PracticeLuck($this->seed))->of('dice', $life->day());
        $options = WashOptions::of($life->told);
        $any = static fn () => $options[$chance->between(0, count($options) - 1)];
        $home = [];
        $every = $life->told->washEveryDays;
        for ($after = $every; $after < PracticeCase::DAYS_A_TURN; $after += $every) {
            $home[$after] = $any();
        }
        $weights = [];
        foreach (BalanceCell::cases() as $cell) {
            $weights[$cell->value] = -log($chance->uniform());
        }
        $sum = array_sum($weights);

        return new PracticeDecision(
            array_map(static fn (float $weight): float => $weight / max($sum, 1e-12), $weights),
            $any(),
            $home,
        );
    }
}
