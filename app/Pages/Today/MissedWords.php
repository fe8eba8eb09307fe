<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\MissedVisits;
use App\Models\Salon;
use App\Wording\Words;

/** What whoever books sees of visits that were missed, with what the salon said it does then. */
final readonly class MissedWords
{
    /** '' where nothing was missed. */
    public function of(Salon $salon, MissedVisits $missed): string
    {
        if ($missed->count() === 0) {
            return '';
        }
        $said = array_filter([
            $missed->notCome === 0 ? '' : trans_choice('booking.missed.not-come', $missed->notCome),
            $missed->cancelledLate === 0 ? '' : trans_choice('booking.missed.late', $missed->cancelledLate),
        ]);
        $rule = $salon->missed_from !== null && $missed->count() >= $salon->missed_from ? $salon->missed_rule : null;

        return Words::say('booking.missed.says', ['what' => implode(', ', $said)])
            . ($rule === null ? '' : ' ' . Words::say('booking.missed.rule', ['rule' => $rule]));
    }
}
