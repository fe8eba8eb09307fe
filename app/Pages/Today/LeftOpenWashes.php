<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\WashDays\LeftOpen;
use App\Models\Salon;
use App\Wording\ClientName;
use App\Wording\SalonClock;

/** Wash days of earlier days that nobody finished, as they are asked about. */
final readonly class LeftOpenWashes
{
    /** @return list<array{name: string, day: string, link: string}> the earliest first */
    public function of(Salon $salon): array
    {
        $asked = [];
        foreach (LeftOpen::of($salon) as $washSession) {
            $asked[] = [
                'name' => ClientName::shown($washSession->head->name),
                'day' => SalonClock::dayInWords($washSession->date, 'j M'),
                'link' => route('clients.wash.run', [$washSession->head_id, $washSession->id]),
            ];
        }

        return $asked;
    }
}
