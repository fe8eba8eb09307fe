<?php

declare(strict_types=1);

namespace Tests\Malformed;

use App\Care\Programs\AccessTokens;
use App\Care\Programs\Webhooks;
use App\Models\AccessToken;
use App\Models\DeliveryState;
use App\Models\Service;
use App\Models\TokenAbility;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Models\WebhookEvent;

/** The same of what other programs ask, and of the page that lets them. */
final class ProgramForms
{
    /** @return array<string, string> what stands in for each part of an address */
    public static function parts(MalformedTestCase $test): array
    {
        app(Webhooks::class)->add($test->stylist, 'https://books.example/', WebhookEvent::cases());
        $webhook = Webhook::query()->where('salon_id', $test->salon->id)->latest('id')->firstOrFail();
        $delivery = WebhookDelivery::query()->create([
            'salon_id' => $webhook->salon_id, 'webhook_id' => $webhook->id, 'event' => 'booking.done', 'body' => '{}',
            'state' => DeliveryState::Failed, 'due_at' => now(),
        ]);
        app(AccessTokens::class)->give($test->stylist, 'Website', TokenAbility::cases(), 90);
        $token = AccessToken::query()->where('salon_id', $webhook->salon_id)->latest('id')->firstOrFail();

        return [
            'webhook' => (string) $webhook->id, 'webhookDelivery' => $delivery->id,
            'accessToken' => (string) $token->id,
        ];
    }

    /** @return array<string, mixed> what is asked in an address */
    public static function query(string $name, MalformedTestCase $test): array
    {
        return match ($name) {
            'api.clients.index' => ['name' => 'V', 'changed_since' => '2027-01-01T00:00:00Z', 'cursor' => 'x'],
            'api.bookings.index' => ['from' => '2027-01-01', 'until' => '2027-01-20', 'client' => $test->head->id],
            'api.free-times' => [
                'client' => $test->head->id, 'service' => self::service($test), 'from' => '2027-01-11',
                'stylist' => (string) $test->stylist->id,
            ],
            default => ['page' => '1'],
        };
    }

    /** @return array<string, mixed> what is sent */
    public static function body(string $name, MalformedTestCase $test): array
    {
        return match ($name) {
            'api.clients.store', 'api.clients.update' => [
                'name' => 'Odd', 'phone' => '+351 912', 'email' => 'odd@quay.example', 'messages' => 'text',
                'language' => 'es', 'household' => 'x', 'another' => true,
            ],
            'api.bookings.store' => [
                'client' => $test->head->id, 'service' => self::service($test),
                'stylist' => (string) $test->stylist->id, 'starts_at' => '2027-01-11T10:00:00Z',
            ],
            'api.bookings.update' => [
                'stylist' => (string) $test->stylist->id, 'starts_at' => '2027-01-11T10:00:00Z', 'drying' => 'air',
            ],
            'api.bookings.cancel' => ['because' => 'ill'],
            'api.records.store' => (array) json_decode($test->example(), true),
            'salon.connections.give' => ['program' => 'Website', 'may' => ['bookings:read'], 'days' => '90'],
            'salon.connections.add' => ['url' => 'https://books.example/', 'events' => ['booking.done']],
            default => [],
        };
    }

    private static function service(MalformedTestCase $test): string
    {
        // Some request before may have taken all of them away.
        return (string) (Service::query()->where('salon_id', $test->salon->id)->first()->id ?? 1);
    }
}
