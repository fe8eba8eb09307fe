<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Salon;
use App\Pages\Shared\SeenFields;
use App\Wording\SalonClock;

/** When nobody is written to, as its form shows it. */
final readonly class MessagesForm
{
    public function name(Salon $salon): string
    {
        return "outbox {$salon->id}";
    }

    /** @return array<string, string> by dotted name */
    public function fields(Salon $salon): array
    {
        return [
            'quiet_from' => SalonClock::shown($salon->quiet_from_minute),
            'quiet_until' => SalonClock::shown($salon->quiet_until_minute),
            'outbox' => $salon->outbox,
            'language' => $salon->language,
        ];
    }

    public function seen(Salon $salon): SeenFields
    {
        return SeenFields::of($this->name($salon), $this->fields($salon));
    }
}
