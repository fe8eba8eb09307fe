<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Treatments as CoreTreatment;

/** The salon's other heads as dense and as long as one. */
final class SimilarHeads
{
    /** Wash days of similar heads that say how long theirs takes. */
    private const SIMILAR_FROM = 10;

    /**
     * Minutes a section of the salon's other heads as dense and as long; null while too few of their wash days are
     * booked.
     */
    public static function minutesASection(Head $head, DateTimeInterface $since): ?float
    {
        if ($head->length_mm === null || $head->density === 'not-measured') {
            // Nobody knows which heads are like this one.
            return null;
        }
        $similar = (array) DB::table('wash_steps')->join(
            'wash_days',
            'wash_days.id',
            '=',
            'wash_steps.wash_day_id',
        )->join('heads', 'heads.id', '=', 'wash_days.head_id')
            ->where('wash_days.salon_id', $head->salon_id)
                ->where('wash_days.head_id', '!=', $head->id)
                ->where('wash_days.date', '>=', $since->format('Y-m-d'))
                ->where('wash_days.approximate', false)
            ->where('wash_steps.kind', CoreTreatment\StepKind::Detangle->value)
                ->where('wash_steps.minutes', '>', 0)
                ->where('heads.density', $head->density)
                ->whereBetween('heads.length_mm', [$head->length_mm * 0.7, $head->length_mm * 1.4])
            ->selectRaw('count(*) as days, exp(avg(ln(wash_steps.minutes / heads.sections))) as minutes')->first();

        return is_numeric($similar['days'] ?? null)
            && $similar['days'] >= self::SIMILAR_FROM
            && is_numeric($similar['minutes'] ?? null)
            ? (float) $similar['minutes']
            : null;
    }
}
