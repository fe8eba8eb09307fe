<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use App\Bridge\Clients\HeadRecord;
use App\Models\Head;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Learning\SalonLearning;

/** The clients of a salon that enough was read of lately, and what is known of each. */
final readonly class HeadsToLearnFrom
{
    public const MONTHS_LOOKED_BACK = 12;

    public const FEWEST = SalonLearning::FEWEST_HEADS;

    /** On fewer days nothing is seen to change. */
    public const FEWEST_DAYS = 3;

    /** What more of them say is soon lost beside what the numbers differ by from head to head. */
    public const MOST = 150;

    public function __construct(private HeadRecord $headRecord)
    {
    }

    /** @return list<string> keys, those that most was read of first */
    public function of(Salon $salon): array
    {
        /** @var list<string> */
        return DB::table('readings')
            ->where('salon_id', $salon->id)
            ->where('date', '>', $this->since($salon)->format('Y-m-d'))
            ->groupBy('head_id')
            ->havingRaw('count(distinct `date`) >= ?', [self::FEWEST_DAYS])
            ->orderByRaw('count(*) desc')
            ->orderBy('head_id')
            ->limit(self::MOST)
            ->pluck('head_id')
            ->all();
    }

    /** What happened to one in these months; null where it is no client any more. */
    public function history(Salon $salon, string $head): ?HeadHistory
    {
        $found = Head::query()->withoutGlobalScope('salon')->where('salon_id', $salon->id)->find($head);
        if ($found === null) {
            return null;
        }
        $found->setRelation('salon', $salon);

        return $this->headRecord->after($found, $this->headRecord->frame($found), $this->since($salon));
    }

    private function since(Salon $salon): CarbonImmutable
    {
        return $salon->today()->subMonths(self::MONTHS_LOOKED_BACK);
    }
}
