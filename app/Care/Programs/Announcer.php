<?php

declare(strict_types=1);

namespace App\Care\Programs;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DeliveryState;
use App\Models\Head;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Models\WebhookEvent;
use Carbon\CarbonImmutable;

/**
 * Notes whom to tell of a change, together with the change itself: what is taken back is told to nobody, what is kept is
 * told for sure. It says what changed and whose it is, and nothing of them: that is asked for with a token.
 */
final class Announcer
{
    /** What a program can read of a client, and of a booking. */
    private const OF_CLIENT = ['name', 'email', 'phone', 'language', 'reminded_by', 'household', 'born_on'];
    private const OF_BOOKING = [
        'user_id', 'service', 'starts_at', 'minutes', 'drying', 'price_cents', 'discount_hundredths', 'discount_cents',
        'deposit_cents', 'deposit', 'status', 'because', 'expected_at', 'arrived_at', 'begun_at', 'ended_at',
    ];

    /** @var array<int, list<Webhook>> by salon, of this request */
    private array $webhooks = [];

    public function created(Head|Booking $of): void
    {
        $this->tell($of instanceof Head ? WebhookEvent::ClientCreated : WebhookEvent::BookingCreated, $of);
    }

    public function updated(Head|Booking $of): void
    {
        if (! $of->wasChanged($of instanceof Head ? self::OF_CLIENT : self::OF_BOOKING)) {
            return;
        }
        $this->tell(match (true) {
            $of instanceof Head => WebhookEvent::ClientChanged,
            $of->wasChanged('status') && $of->status === BookingStatus::Cancelled => WebhookEvent::BookingCancelled,
            $of->wasChanged('status') && $of->status === BookingStatus::Done => WebhookEvent::BookingDone,
            default => WebhookEvent::BookingChanged,
        }, $of);
    }

    public function deleted(Head|Booking $of): void
    {
        $this->tell($of instanceof Head ? WebhookEvent::ClientDeleted : WebhookEvent::BookingDeleted, $of);
    }

    private function tell(WebhookEvent $event, Head|Booking $of): void
    {
        foreach ($this->of($of->salon_id) as $webhook) {
            if (! in_array($event->value, $webhook->events, true)) {
                continue;
            }
            $now = CarbonImmutable::now();
            $delivery = new WebhookDelivery([
                'salon_id' => $of->salon_id, 'webhook_id' => $webhook->id, 'event' => $event->value,
                'state' => DeliveryState::Due, 'due_at' => $now,
            ]);
            $delivery->id = $delivery->newUniqueId();
            $delivery->body = (string) json_encode([
                'id' => $delivery->id, 'type' => $event->value, 'at' => $now->toIso8601ZuluString(),
                'data' => $of instanceof Head
                    ? ['client' => $of->id]
                    : ['booking' => $of->id, 'client' => $of->head_id],
            ], JSON_UNESCAPED_SLASHES);
            $delivery->save();
        }
    }

    /** @return list<Webhook> that are told anything */
    private function of(int $salonId): array
    {
        return $this->webhooks[$salonId] ??= array_values(Webhook::query()->withoutGlobalScope('salon')
            ->where('salon_id', $salonId)->whereNull('stopped_at')->get()->all());
    }
}
