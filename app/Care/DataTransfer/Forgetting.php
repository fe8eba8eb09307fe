<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Care\Shared\Lock;
use App\Models\Head;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;

/**
 * A salon that wishes so forgets by itself whom it has not seen for years: told a month before, kept by a tap or by
 * whatever is written of the client meanwhile, and deleted with the same proof as by hand.
 */
final readonly class Forgetting
{
    /** Time to say no. Common practice, no source. */
    public const TOLD_DAYS = 30;

    public function __construct(private ClientErasure $clientErasure, private Unseen $unseen)
    {
    }

    /** @return int clients who were forgotten */
    public function look(Salon $salon): int
    {
        $today = $salon->today();
        $years = $salon->forget_after_years;
        $old = $years === null ? [] : $this->unseen->since($salon, $today->subYears($years))->pluck('id')->all();
        $ofSalon = DB::table('heads')->where('salon_id', $salon->id);
        // Seen again since, or the salon keeps longer now.
        (clone $ofSalon)->whereNotNull('forget_on')->whereNotIn('id', $old)->update(['forget_on' => null]);
        (clone $ofSalon)->whereNull('forget_on')->whereIn('id', $old)->update([
            'forget_on' => $today->addDays(self::TOLD_DAYS)->format('Y-m-d'),
        ]);
        $forgotten = 0;
        foreach ((clone $ofSalon)->where('forget_on', '<=', $today->format('Y-m-d'))->pluck('id') as $id) {
            $forgotten += is_string($id) && $this->forget($salon, $id) ? 1 : 0;
        }

        return $forgotten;
    }

    /** Looked at once more under the lock: who was booked or kept this very moment stays. */
    private function forget(Salon $salon, string $id): bool
    {
        return DB::transaction(function () use ($salon, $id): bool {
            Lock::salonAndHead($salon->id, $id)->take();
            $years = Salon::query()->whereKey($salon->id)->value('forget_after_years');
            $head = is_numeric($years)
                ? $this->unseen->since($salon, $salon->today()->subYears((int) $years))->whereKey($id)->first()
                : null;
            if ($head instanceof Head) {
                $this->clientErasure->to($head, '');
            }

            return $head instanceof Head;
        });
    }
}
