<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Models\Head;
use App\Models\Outlook;
use App\Pages\Page;
use App\Pages\Shared\SeenFields;
use Carbon\CarbonImmutable;

/** What a plan must keep to, as it was typed. */
final readonly class PlanTermsPage extends Page
{
    /**
     * @param array<string, mixed>     $season   as a care record has it
     * @param array<array-key, mixed>  $away
     * @param array<array-key, mixed>  $byHand
     * @param array<array-key, mixed>  $promised
     * @param string                   $firstPromised the first day of what is agreed, in words
     * @param list<string>             $treatments
     * @param array<string, string>    $trimGoals in words, by goal
     * @param array<int, string>       $weekdays as the record names them, 1 Monday to 7 Sunday
     * @param array<string, float> $usualPrices by treatment
     */
    public function __construct(
        public Head $head,
        public Outlook $outlook,
        public CarbonImmutable $today,
        public array $season,
        public array $away,
        public array $byHand,
        public array $promised,
        public string $firstPromised,
        public string $salonDays,
        public array $treatments,
        public array $weekdays,
        public array $trimGoals,
        public SeenFields $seen,
        public float $costOfAMove,
        public array $usualPrices,
    ) {
    }
}
