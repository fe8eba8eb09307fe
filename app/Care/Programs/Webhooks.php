<?php

declare(strict_types=1);

namespace App\Care\Programs;

use App\Models\DeliveryState;
use App\Models\User;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Models\WebhookEvent;
use Carbon\CarbonImmutable;

/** Which addresses are told of what. */
final readonly class Webhooks
{
    /** As long as what it is made into: HMAC-SHA256. */
    private const SECRET_BYTES = 32;
    public const SECRET_PREFIX = 'whsec_';

    /**
     * @param list<WebhookEvent> $events
     *
     * @return string what its messages are signed with; it can never be shown again
     */
    public function add(User $by, string $url, array $events): string
    {
        $secret = self::SECRET_PREFIX . base64_encode(random_bytes(self::SECRET_BYTES));
        (new Webhook([
            'user_id' => $by->id, 'url' => $url, 'secret' => $secret,
            'events' => array_map(static fn (WebhookEvent $event): string => $event->value, $events),
        ]))->forceFill(['salon_id' => $by->salon_id])->save();

        return $secret;
    }

    public function start(Webhook $webhook): void
    {
        $webhook->update(['stopped_at' => null, 'failing_since' => null]);
    }

    /** What was given up, or came and was lost there, is told once more. */
    public function tellAgain(WebhookDelivery $delivery): void
    {
        $delivery->update([
            'state' => DeliveryState::Due, 'attempts' => 0, 'due_at' => CarbonImmutable::now(), 'status' => null,
        ]);
    }
}
