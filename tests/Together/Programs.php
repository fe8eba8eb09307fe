<?php

declare(strict_types=1);

namespace Tests\Together;

use App\Care\Programs\AccessTokens;
use App\Care\Programs\Webhooks;
use App\Http\Resources\BookingResource;
use App\Http\Resources\Tagged;
use App\Models\AccessToken;
use App\Models\Booking;
use App\Models\DeliveryState;
use App\Models\Head;
use App\Models\Service;
use App\Models\TokenAbility;
use App\Models\TrailEntry;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Models\WebhookEvent;

/** What is set up between a salon and other programs, and what those programs change. */
final class Programs
{
    /** @return array<string, Scenario> */
    public static function all(): array
    {
        return [...self::connections(), ...self::clients(), ...self::bookings()];
    }

    /** @return array<string, Scenario> */
    private static function connections(): array
    {
        $token = function (TogetherTestCase $test): AccessToken {
            app(AccessTokens::class)->give($test->stylist, 'Website', TokenAbility::cases(), 30);

            return AccessToken::query()->where('salon_id', $test->salon->id)->latest('id')->firstOrFail();
        };
        $webhook = function (TogetherTestCase $test): Webhook {
            Webhook::query()->where('salon_id', $test->salon->id)->delete();
            app(Webhooks::class)->add($test->stylist, 'https://books.example/', [WebhookEvent::BookingDone]);

            return Webhook::query()->where('salon_id', $test->salon->id)->sole();
        };
        $tokens = fn (mixed $any, TogetherTestCase $test): int => AccessToken::query()
            ->where('salon_id', $test->salon->id)->count();
        $webhooks = fn (mixed $any, TogetherTestCase $test): int => Webhook::query()
            ->where('salon_id', $test->salon->id)->count();

        return [
            'salon.connections.give' => new Scenario(
                fn (): null => null,
                fn (mixed $any, int $i): Sent => new Sent('POST', '/salon/connections/tokens', [
                    'program' => "Website {$i}", 'may' => ['bookings:read'], 'days' => '30',
                ]),
                $tokens,
                3,
            ),
            'salon.connections.take-back' => new Scenario(
                $token,
                fn (AccessToken $one): Sent => new Sent('DELETE', "/salon/connections/tokens/{$one->id}"),
                $tokens,
                -1,
            ),
            'salon.connections.add' => new Scenario(
                fn (TogetherTestCase $test) => Webhook::query()->where('salon_id', $test->salon->id)->delete(),
                fn (mixed $any, int $i): Sent => new Sent('POST', '/salon/connections/webhooks', [
                    'url' => "https://books.example/{$i}", 'events' => ['booking.done'],
                ]),
                $webhooks,
                3,
            ),
            'salon.connections.drop' => new Scenario(
                $webhook,
                fn (Webhook $one): Sent => new Sent('DELETE', "/salon/connections/webhooks/{$one->id}"),
                $webhooks,
                -1,
            ),
            'salon.connections.start' => new Scenario(
                function (TogetherTestCase $test) use ($webhook): Webhook {
                    $one = $webhook($test);
                    $one->update(['stopped_at' => now(), 'failing_since' => now()]);

                    return $one;
                },
                fn (Webhook $one): Sent => new Sent('PUT', "/salon/connections/webhooks/{$one->id}/start"),
                fn (Webhook $one): string => $one->refresh()->stopped_at === null ? 'told again' : 'stopped',
                'told again',
            ),
            'salon.connections.again' => new Scenario(
                fn (TogetherTestCase $test): WebhookDelivery => WebhookDelivery::query()->create([
                    'salon_id' => $test->salon->id, 'webhook_id' => $webhook($test)->id, 'event' => 'booking.done',
                    'body' => '{}', 'state' => DeliveryState::Failed, 'due_at' => now(), 'attempts' => 8,
                ]),
                fn (WebhookDelivery $one): Sent => new Sent('POST', "/salon/connections/deliveries/{$one->id}/again"),
                fn (WebhookDelivery $one): string => $one->refresh()->attempts < 8 ? 'tried anew' : 'given up',
                'tried anew',
            ),
        ];
    }

    /** @return array<string, string> with a token of its own */
    private static function asked(TogetherTestCase $test): array
    {
        return ['Authorization' => 'Bearer ' . app(AccessTokens::class)
            ->give($test->stylist, 'Website', TokenAbility::cases(), 30)];
    }

    /** @return array<string, Scenario> */
    private static function clients(): array
    {
        $heads = fn (mixed $any, TogetherTestCase $test): int => Head::query()
            ->where('salon_id', $test->salon->id)->count();

        return [
            'api.clients.store' => new Scenario(
                fn (TogetherTestCase $test): array => self::asked($test),
                fn (array $asks, int $i): Sent => new Sent('POST', '/api/v1/clients', [
                    'name' => "Caller {$i}", 'phone' => "+351 912 000 00{$i}", 'another' => true,
                ], headers: $asks),
                $heads,
                3,
                true,
            ),
            'api.clients.update' => new Scenario(
                fn (TogetherTestCase $test): array => [$test->aHead(), self::asked($test)],
                fn (array $about, int $i): Sent => new Sent('PATCH', "/api/v1/clients/{$about[0]->id}", [
                    'household' => "House {$i}",
                ], headers: $about[1] + ['If-Match' => '*']),
                fn (array $about): int => TrailEntry::query()->where('head_id', $about[0]->id)
                    ->where('event', 'updated')->where('properties', 'like', '%House %')->count(),
                3,
                true,
            ),
            'api.records.store' => new Scenario(
                function (TogetherTestCase $test): array {
                    // Its own client is not here, and so it is one act, whoever sends it first.
                    $text = (string) file_get_contents(base_path('docs/examples/mixed-porosity.json'));
                    $record = json_decode($text, true);
                    $record['events'] = array_slice($record['events'], -2);
                    $record['readings'] = [];
                    Head::query()->withoutGlobalScopes()->whereKey($record['head']['id'] ?? '')->delete();

                    return [$record, self::asked($test)];
                },
                fn (array $about): Sent => new Sent(
                    'POST',
                    '/api/v1/records?copy=1',
                    $about[0],
                    headers: $about[1],
                ),
                $heads,
                3,
                true,
            ),
        ];
    }

    /** @return array<string, Scenario> */
    private static function bookings(): array
    {
        $booked = function (TogetherTestCase $test): array {
            Booking::query()->where('salon_id', $test->salon->id)->delete();
            $head = $test->aHead();
            $test->one->now('POST', '/bookings', [
                'head' => $head->id, 'service' => (string) self::service($test)->id,
                'date' => $test->salon->today()->addDays(3)->format('Y-m-d'), 'time' => '10:00',
                'stylist' => (string) $test->stylist->id,
            ]);
            $booking = Booking::query()->with('salon')->where('head_id', $head->id)->sole();
            // All of them have seen it as it is.
            $seen = ['If-Match' => Tagged::of(new BookingResource($booking), request())];

            return [$booking, self::asked($test) + $seen];
        };
        $changed = fn (array $about): int => Booking::query()->findOrFail($about[0]->id)->sequence;

        return [
            'api.bookings.store' => new Scenario(
                function (TogetherTestCase $test): array {
                    Booking::query()->where('salon_id', $test->salon->id)->delete();

                    return [$test->aHead(), self::asked($test)];
                },
                fn (array $about, int $i, TogetherTestCase $test): Sent => new Sent('POST', '/api/v1/bookings', [
                    'client' => $about[0]->id, 'service' => self::service($test)->id, 'stylist' => $test->stylist->id,
                    'starts_at' => $test->salon->today()->addDays(3)->setTime(10, 0)->toIso8601String(),
                ], headers: $about[1]),
                fn (array $about): int => Booking::query()->where('head_id', $about[0]->id)->count(),
                1,
                true,
            ),
            'api.bookings.update' => new Scenario(
                $booked,
                fn (array $about, int $i): Sent => new Sent('PATCH', "/api/v1/bookings/{$about[0]->id}", [
                    'starts_at' => $about[0]->starts_at->addHours($i)->toIso8601ZuluString(),
                ], headers: $about[1]),
                $changed,
                1,
                true,
            ),
            'api.bookings.cancel' => new Scenario(
                $booked,
                fn (array $about, int $i): Sent => new Sent('POST', "/api/v1/bookings/{$about[0]->id}/cancel", [
                    'because' => "ill {$i}",
                ], headers: $about[1]),
                $changed,
                1,
                true,
            ),
        ];
    }

    private static function service(TogetherTestCase $test): Service
    {
        return Service::query()->where('salon_id', $test->salon->id)->firstOrFail();
    }
}
