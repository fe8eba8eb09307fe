<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bridge\Plans\Outlooks;
use App\Care\Products\TaughtIngredients;
use App\Models\Head;
use App\Models\Salon;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Follows the heads of a salon to today, and reads its lists of ingredients as the book stands now. */
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

    public function handle(TaughtIngredients $taughtIngredients): void
    {
        $salon = Salon::query()->find($this->salonId);
        // A list that cannot be read any more keeps no head waiting.
        rescue(fn () => $salon === null ? null : $taughtIngredients->readAnew($salon));
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
