<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Drawings\BalanceRiver;
use App\Models\Head;
use App\Models\Outlook;
use App\Pages\Page;
use Nagomi\Core\Planning\PlanChange;

/** Two futures of a head side by side. */
final readonly class WhatIfPage extends Page
{
    /**
     * @param array<string, array{
     *     river: BalanceRiver, days: float, minutes: int, cost: float, price: float, wash_days: int, masks: int,
     *     proteins: int, clarifies: int,
     * }> $futures none while nothing is asked
     */
    public function __construct(
        public Head $head,
        public Outlook $outlook,
        public ?PlanChange $change,
        public ?float $number,
        public ?string $wrong,
        public array $futures,
        public string $typed,
    ) {
    }
}
