<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bridge\Plans\Outlooks;
use App\Models\Head;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Follows the heads of a salon to today, where the night's run did not: the machine was off. */
final class RenewSalon implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $timeout = 1800;

    public int $tries = 1;

    /** One whose worker was killed keeps the next from being queued no longer than it could have taken. */
    public int $uniqueFor = 1900;

    public function __construct(public readonly int $salonId)
    {
        $this->onQueue(SalonShard::queueOf($salonId));
    }

    public function uniqueId(): string
    {
        return (string) $this->salonId;
    }

    public function handle(): void
    {
        foreach (
            Head::query()
                ->withoutGlobalScope('salon')
                ->where('salon_id', $this->salonId)
                ->with(['salon', 'outlook'])
                ->lazyById(50) as $head
        ) {
            // One head that cannot be worked out keeps none of the others waiting.
            rescue(fn () => app(Outlooks::class)->current($head));
        }
    }
}
