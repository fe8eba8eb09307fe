<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use App\Models\Salon;
use DateTimeInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Works a head's outlook out anew once what changed it is safely in the book. What is due stands in the head's own row,
 * written with
 * the change itself: where working it out fails, the change stays, and it is tried again by the clock and by whoever
 * opens the head.
 */
final readonly class OutlookRefresh
{
    private const AT_ONCE = 500;

    public function __construct(
        private Outlooks $outlooks,
    ) {
    }

    /**
     * The heads that some stylists read are followed anew from their first day, by the clock or by whoever opens them.
     *
     * @param list<string> $readers names as readings are signed with
     */
    public function ofHeadsReadBy(Salon $salon, array $readers): void
    {
        DB::table('heads')
            ->where('salon_id', $salon->id)
            ->whereIn('id', DB::table('readings')->select('head_id')->whereIn('by', $readers))
            ->update(['outlook_due_from' => Outlooks::FROM_THE_START]);
    }

    /** All heads of a salon are followed anew from their first day, by the clock or by whoever opens them. */
    public function ofSalon(Salon $salon): void
    {
        DB::table('heads')->where('salon_id', $salon->id)->update(['outlook_due_from' => Outlooks::FROM_THE_START]);
    }

    /**
     * Of many at once: each is worked out by the clock, or by whoever opens it first.
     *
     * @param list<string> $heads keys
     */
    public function later(array $heads): void
    {
        foreach (array_chunk($heads, self::AT_ONCE) as $some) {
            DB::table('heads')->whereIn('id', $some)->update(['outlook_due_from' => Outlooks::FROM_THE_START]);
        }
    }

    /** @param DateTimeInterface|null $since the earliest day that changed; null: everything did */
    public function after(Head $head, ?DateTimeInterface $since = null): void
    {
        $from = $since?->format('Y-m-d') ?? Outlooks::FROM_THE_START;
        DB::table('heads')
            ->where('id', $head->id)
            ->where(
                fn (Builder $due): Builder => $due->whereNull('outlook_due_from')->orWhere(
                    'outlook_due_from',
                    '>',
                    $from,
                ),
            )
            ->update(['outlook_due_from' => $from]);
        $head->forceFill([
            'outlook_due_from' => DB::table('heads')->where('id', $head->id)->value('outlook_due_from'),
        ])->syncOriginalAttribute('outlook_due_from');
        $id = $head->id;
        DB::afterCommit(function () use ($id): void {
            try {
                $head = Head::query()->withoutGlobalScope('salon')->with('salon')->find($id);
                if ($head?->outlook_due_from !== null) {
                    $this->outlooks->due($head);
                }
            } catch (Throwable $failed) {
                // It stays due; what was written stays written.
                report($failed);
            }
        });
    }
}
