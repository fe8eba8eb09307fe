<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\Head;
use App\Models\WashSession;
use Nagomi\Core\WashDay\DryingMethod;

/**
 * How a client's hair is dried where nobody chose: as on the last wash day that was run here, else with the diffuser,
 * as a chair is not kept for hours. Plan, booking and wash day reckon with the same.
 */
final readonly class UsualDrying
{
    public function of(Head $head): DryingMethod
    {
        /** @var WashSession|null $last */
        $last = $head->washSessions()
            ->whereNotNull('finished_at')
            ->whereNotNull('plan->drying')
            ->latest('id')
            ->first(['id', 'salon_id', 'head_id', 'plan']);
        $drying = $last->plan['drying'] ?? null;

        return DryingMethod::tryFrom(is_string($drying) ? $drying : '') ?? DryingMethod::Diffuse;
    }
}
