<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Drawings\HairBalance;
use App\Models\Head;
use App\Models\Outlook;
use App\Pages\Page;
use Nagomi\Core\Planning\PlanChange;

/** One thing done differently: the sentence that asks, and what it comes to beside the plan as it stands. */
final readonly class WhatIfPage extends Page
{
    /**
     * @param WhatIfForm       $form    the sentence as it was asked
     * @param HairBalance      $balance with the change; the plan as it stands while nothing is asked
     * @param HairBalance|null $beside  the plan as it stands, where something else is asked
     * @param int              $top     y at which the picture begins, in its own px
     * @param array<string, array{planned: float|int, changed: float|int, more: float}> $rows what the change makes more
     *     or less of; the same is left out
     * @param string|null      $says    the wish in words; null where none was asked
     * @param string|null      $verdict what the change comes to, in words; null while nothing is asked
     * @param list<string>     $turns   which hair leaves its comfort or comes back, about when
     * @param bool             $usable  it can be made the plan
     * @param int              $seen    the last change of the plan's terms
     */
    public function __construct(
        public Head $head,
        public Outlook $outlook,
        public WhatIfForm $form,
        public ?PlanChange $change,
        public ?string $wrong,
        public HairBalance $balance,
        public ?HairBalance $beside,
        public int $top,
        public array $rows,
        public ?string $says,
        public ?string $verdict,
        public array $turns,
        public bool $usable,
        public bool $notReadYet,
        public int $seen,
    ) {
    }
}
