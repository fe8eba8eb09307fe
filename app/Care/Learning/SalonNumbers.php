<?php

declare(strict_types=1);

namespace App\Care\Learning;

use App\Bridge\Plans\OutlookRefresh;
use App\Care\Shared\Lock;
use App\Models\Learning;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What people do about the numbers their own records say: ask for them, go by them, go back to those that ship. */
final readonly class SalonNumbers
{
    /** Asked for by nobody. */
    public const BY_ITSELF = '';

    public function __construct(private OutlookRefresh $outlookRefresh)
    {
    }

    /** @return Learning|null what was asked for; null where another is under way */
    public function ask(Salon $salon, string $by): ?Learning
    {
        return DB::transaction(function () use ($salon, $by): ?Learning {
            Lock::salon($salon->id)->take();
            $open = Learning::query()->where('salon_id', $salon->id)->whereNull('ended_at')->get();
            if ($open->contains(static fn (Learning $one): bool => $one->isUnderWay())) {
                return null;
            }
            $now = CarbonImmutable::now();
            // What was left lying is not gone on with: its heads are of another day.
            Learning::query()->whereIn('id', $open->pluck('id'))
                ->update(['ended_at' => $now, 'failed' => true, 'work' => null]);
            $learning = (new Learning())->forceFill([
                'salon_id' => $salon->id, 'asked_by' => $by, 'asked_at' => $now, 'worked_on_at' => $now,
            ]);
            $learning->save();

            return $learning;
        });
    }

    /** @return bool whether the salon goes by it now; false where there is nothing to go by */
    public function use(Salon $salon, Learning $learning, string $by): bool
    {
        return DB::transaction(function () use ($salon, $learning, $by): bool {
            Lock::salon($salon->id)->take();
            $learning->refresh();
            if ($learning->factors === null || $learning->heads === 0) {
                return false;
            }
            if (! $learning->isUsed()) {
                $this->leaveAll($salon, $by);
                $learning->update([
                    'used_at' => CarbonImmutable::now(), 'used_by' => $by, 'left_at' => null, 'left_by' => null,
                ]);
                $this->goBy($salon, array_map(
                    static fn (array $of): float => round(exp((float) $of['log']), 4),
                    $learning->factors,
                ), $learning->kinds);
                activity()->performedOn($salon)->log('own-numbers-used');
            }

            return true;
        });
    }

    /** @return bool whether the salon went by numbers of its own until now */
    public function leave(Salon $salon, string $by): bool
    {
        return DB::transaction(function () use ($salon, $by): bool {
            Lock::salon($salon->id)->take();
            $left = $this->leaveAll($salon, $by);
            if ($salon->refresh()->learned === null) {
                return $left > 0;
            }
            $this->goBy($salon, null, null);
            activity()->performedOn($salon)->log('own-numbers-left');

            return true;
        });
    }

    private function leaveAll(Salon $salon, string $by): int
    {
        return Learning::query()->where('salon_id', $salon->id)->whereNotNull('used_at')->whereNull('left_at')
            ->update(['left_at' => CarbonImmutable::now(), 'left_by' => $by]);
    }

    /**
     * @param array<string, float>|null $learned
     * @param StoredKinds|null          $kinds
     */
    private function goBy(Salon $salon, ?array $learned, ?array $kinds): void
    {
        // What stood out was beside other numbers.
        $salon->update(['learned' => $learned, 'learned_kinds' => $kinds, 'results_stand_out' => null]);
        $this->outlookRefresh->ofSalon($salon);
    }
}
