<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Basin;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\VisitAccount;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Works a head's outlook out anew once what changed it is safely in the book. What is due stands in the head's own row, written with
 * the change itself: where working it out fails, the change stays, and it is tried again by the clock and by whoever opens the head.
 */
final class OutlookRefresh
{
    /** Everything is to be followed anew; no day of a book lies before it. */
    private const FROM_THE_START = '1000-01-01';

    /** @param DateTimeInterface|null $since the earliest day that changed; null: everything did */
    public static function after(Head $head, ?DateTimeInterface $since = null): void
    {
        $from = $since?->format('Y-m-d') ?? self::FROM_THE_START;
        DB::table('heads')->where('id', $head->id)->where(fn ($due) => $due->whereNull('outlook_due_from')->orWhere('outlook_due_from', '>', $from))->update(['outlook_due_from' => $from]);
        $head->setAttribute('outlook_due_from', DB::table('heads')->where('id', $head->id)->value('outlook_due_from'))->syncOriginalAttribute('outlook_due_from');
        $id = $head->id;
        DB::afterCommit(static function () use ($id): void {
            try {
                $head = Head::query()->withoutGlobalScope('salon')->with('salon')->find($id);
                if ($head?->outlook_due_from !== null) {
                    self::now($head);
                }
            } catch (Throwable $failed) {
                // It stays due; what was written stays written.
                report($failed);
            }
        });
    }

    /** Works out what is due of a head, if it still is once the head is locked. */
    public static function now(Head $head): Outlook
    {
        return DB::transaction(function () use ($head): Outlook {
            self::lock($head);
            $due = $head->outlook_due_from;
            $outlook = Renewal::of($head, $due === null ? $head->salon->today() : ($due->format('Y-m-d') === self::FROM_THE_START ? null : $due));
            self::tell($head, $outlook);

            return $outlook;
        }, 5);
    }

    /** Reads the head's row anew and holds it until the transaction ends. */
    public static function lock(Head $head): void
    {
        /** @var Head $locked */
        $locked = Head::query()->withoutGlobalScope('salon')->whereKey($head->id)->lockForUpdate()->sole();
        $head->setRawAttributes($locked->getAttributes(), true);
    }

    /** What visits and wash days have to say of the balance after them can be said only now. */
    private static function tell(Head $head, Outlook $outlook): void
    {
        /** @var iterable<VisitAccount> $accounts */
        $accounts = VisitAccount::query()->whereIn('visit_id', $head->visits()->reorder()->select('id'))->whereNull('account->verdict')->get();
        foreach ($accounts as $account) {
            $account->update(['account' => ['verdict' => $outlook->verdict] + $account->account]);
        }
        /** @var iterable<Basin> $basins */
        $basins = $head->basins()->whereNotNull('finished_at')->whereNotNull('outcome')->whereNull('outcome->after')->get();
        foreach ($basins as $basin) {
            $basin->update(['outcome' => ['after' => $outlook->standing] + ($basin->outcome ?? [])]);
        }
    }
}
