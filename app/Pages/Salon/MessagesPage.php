<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\CalendarFeed;
use App\Models\OutboxMessage;
use App\Models\Reminder;
use App\Models\Salon;
use App\Pages\Page;
use App\Pages\Shared\SeenFields;
use Illuminate\Database\Eloquent\Collection;

/** What goes out to clients, what went, and a calendar of one's own. */
final readonly class MessagesPage extends Page
{
    /**
     * @param Collection<int, OutboxMessage> $messages
     * @param Collection<int, Reminder>      $reminders
     * @param array{string, string}          $quiet
     * @param array<string, string>          $languages names by ISO 639-1
     */
    public function __construct(
        public Salon $salon,
        public Collection $messages,
        public Collection $reminders,
        public array $quiet,
        public ?CalendarFeed $feed,
        public array $languages,
        public SeenFields $seen,
    ) {
    }
}
