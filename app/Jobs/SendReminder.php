<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Care\Reminders\QuietHours;
use App\Care\Reminders\ReminderText;
use App\Channels\UndeliveredMessage;
use App\Models\Reminder;
use App\Notifications\Reminding;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Sends one reminder, once at most: it is claimed first, and what was claimed and not told of is never sent again. */
final class SendReminder implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const MOST_ATTEMPTS = 3;
    private const AGAIN_AFTER_MINUTES = 10;

    /** A server that hangs holds up the others no longer than this. */
    public int $timeout = 40;

    public int $tries = 1;

    /** One whose worker was killed is queued again when the clock next looks. */
    public int $uniqueFor = 300;

    public function __construct(public readonly int $reminderId, int $salonId)
    {
        $this->onQueue(SalonShard::queueOf($salonId));
    }

    public function uniqueId(): string
    {
        return (string) $this->reminderId;
    }

    public function handle(): void
    {
        $reminder = $this->claimed();
        if (! $reminder instanceof Reminder) {
            return;
        }
        $wording = ReminderText::of($reminder);
        if ($wording === null || $reminder->head->reminded_by === 'nobody') {
            $reminder->update([
                'status' => 'dropped',
                'why' => Words::say('messages.outbox.' . ($wording === null ? 'gone' : 'unwanted')),
            ]);

            return;
        }
        if (QuietHours::isQuiet($reminder->head->salon, CarbonImmutable::now())) {
            $reminder->update(['status' => 'due']);

            return;
        }
        try {
            $reminder->head->notifyNow(new Reminding(
                $wording->subject,
                $wording->sentence,
                $wording->noMore,
            ));
            $reminder->update(['status' => 'sent', 'why' => null]);
        } catch (UndeliveredMessage | TransportExceptionInterface $undelivered) {
            $again = $reminder->attempts + 1 < self::MOST_ATTEMPTS;
            $reminder->update([
                'status' => $again ? 'due' : 'failed',
                'attempts' => $reminder->attempts + 1,
                'due_at' => $again ? now()->addMinutes(self::AGAIN_AFTER_MINUTES) : $reminder->due_at,
                'why' => mb_substr($undelivered->getMessage(), 0, 200),
            ]);
        }
    }

    /** The reminder, when it is due and no other worker has taken it. */
    private function claimed(): ?Reminder
    {
        $claimed = Reminder::query()
            ->withoutGlobalScope('salon')
            ->whereKey($this->reminderId)
            ->where('status', 'due')
            ->update(['status' => 'sending', 'updated_at' => now()]);

        return $claimed === 1
            ? Reminder::query()->withoutGlobalScope('salon')->with('head.salon')->find($this->reminderId)
            : null;
    }
}
