<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Drawings\HairBalance;
use App\Models\Head;
use App\Models\Outlook;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Nagomi\Core\Planning\PlanChange;

/** Two futures of a head side by side. */
final readonly class WhatIfPage extends Page
{
    /**
     * @param array<string, array{
     *     balance: HairBalance, days: float, minutes: int, price: float, wash_days: int, masks: int, proteins: int,
     *     clarifies: int,
     * }> $futures none while nothing is asked
     * @param array<string, float> $rows what the change makes more or less of, by how much; the same is left out
     * @param string|null $says    the wish in words; null where none was asked
     * @param string|null $verdict what the change comes to, in words; null while nothing is asked
     * @param bool        $usable  it can be made the plan
     * @param int         $seen    the last change of the plan's terms
     */
    public function __construct(
        public Head $head,
        public Outlook $outlook,
        public ?PlanChange $change,
        public ?float $number,
        public ?string $wrong,
        public array $futures,
        public array $rows,
        public string $typed,
        public ?string $says,
        public ?string $verdict,
        public bool $usable,
        public int $seen,
        public CarbonImmutable $today,
    ) {
    }
}
