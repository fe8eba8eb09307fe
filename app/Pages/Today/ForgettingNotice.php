<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Head;
use App\Models\Salon;
use App\Wording\SalonClock;

/** Who stopped coming is not deleted unseen: the first page of the day says so while there is time. */
final readonly class ForgettingNotice
{
    /** @return string empty where nobody is to be forgotten */
    public function of(Salon $salon): string
    {
        if ($salon->forget_after_years === null) {
            return '';
        }
        $soon = Head::query()->where('salon_id', $salon->id)->whereNotNull('forget_on');
        $first = $soon->min('forget_on');

        return is_string($first)
            ? trans_choice('forgetting.today', $soon->count(), ['day' => SalonClock::dayInWords($first, 'j M')])
            : '';
    }
}
