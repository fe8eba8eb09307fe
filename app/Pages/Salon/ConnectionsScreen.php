<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\AccessToken;
use App\Models\Salon;
use App\Models\TokenAbility;
use App\Models\User;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Models\WebhookEvent;
use Illuminate\Support\Collection;

/** What is set up between this salon and other programs. */
final readonly class ConnectionsScreen
{
    private const DELIVERIES = 20;

    /** @param array<array-key, mixed> $new what was made just now, and its key */
    public function of(Salon $salon, array $new): ConnectionsPage
    {
        $tokens = AccessToken::query()->where('salon_id', $salon->id)->orderByDesc('id')->get();
        $webhooks = Webhook::query()->where('salon_id', $salon->id)->orderBy('id')->get();
        /** @var Collection<int, WebhookDelivery> $deliveries */
        $deliveries = WebhookDelivery::query()->with('webhook')->where('salon_id', $salon->id)
            ->orderByDesc('id')->limit(self::DELIVERIES)->get();
        $abilities = $events = [];
        foreach (TokenAbility::cases() as $ability) {
            $abilities[$ability->value] = "connections.abilities.{$ability->key()}";
        }
        foreach (WebhookEvent::cases() as $event) {
            $events[$event->value] = "connections.events.{$event->key()}";
        }
        /** @var array<int, string> $givers */
        $givers = User::query()->whereKey($tokens->pluck('tokenable_id')->all())->pluck('name', 'id')->all();
        $newIs = $new[0] ?? null;

        return new ConnectionsPage(
            tokens: array_values($tokens->all()),
            givers: $givers,
            webhooks: array_values($webhooks->all()),
            last: $this->last($webhooks),
            deliveries: array_values($deliveries->all()),
            abilities: $abilities,
            events: $events,
            days: AccessToken::DAYS,
            newIs: $newIs === 'token' || $newIs === 'webhook' ? $newIs : null,
            newKey: is_string($new[1] ?? null) ? $new[1] : '',
            zone: $salon->timezone,
            address: route('api.salon'),
            document: route('api.document'),
        );
    }

    /**
     * @param Collection<int, Webhook> $webhooks
     *
     * @return array<int, WebhookDelivery>
     */
    private function last(Collection $webhooks): array
    {
        $last = [];
        foreach ($webhooks as $webhook) {
            $one = WebhookDelivery::query()->where('webhook_id', $webhook->id)
                ->whereNotNull('status')->orderByDesc('updated_at')->first();
            if ($one !== null) {
                $last[$webhook->id] = $one;
            }
        }

        return $last;
    }
}
