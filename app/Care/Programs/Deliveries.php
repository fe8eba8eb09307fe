<?php

declare(strict_types=1);

namespace App\Care\Programs;

use App\Models\DeliveryState;
use App\Models\WebhookDelivery;
use Carbon\CarbonImmutable;

/**
 * What is told gets there at least once, where its address answers within two days: claimed before it is sent, so that
 * no two workers send it at once, and sent again where one died over it.
 */
final readonly class Deliveries
{
    /** Minutes until the next try, after each that failed; common practice, no source. */
    private const NEXT_MINUTES = [1, 5, 30, 120, 360, 720, 1440];

    /** An address that refused everything for so long is told nothing more. */
    private const STOPPED_AFTER_HOURS = 72;

    /** A worker that was killed has not answered by then. */
    private const LOST_AFTER_MINUTES = 5;

    /** HTTP's word for an address that is gone for good (RFC 9110, 15.5.11). */
    private const GONE = 410;

    /** @return array<string, int> salons, by the key of what is to be sent now */
    public function due(): array
    {
        WebhookDelivery::query()->withoutGlobalScope('salon')
            ->where('state', DeliveryState::Sending->value)
            ->where('updated_at', '<', CarbonImmutable::now()->subMinutes(self::LOST_AFTER_MINUTES))
            ->update(['state' => DeliveryState::Due->value]);

        return WebhookDelivery::query()->withoutGlobalScope('salon')
            ->where('state', DeliveryState::Due->value)
            ->where('due_at', '<=', CarbonImmutable::now())
            ->orderBy('due_at')
            ->get(['id', 'salon_id'])
            ->mapWithKeys(static fn (WebhookDelivery $delivery): array => [$delivery->id => $delivery->salon_id])
            ->all();
    }

    /** @return WebhookDelivery|null to be sent now; null: it is not due, another worker has it, or nobody is told */
    public function claim(string $id): ?WebhookDelivery
    {
        $claimed = WebhookDelivery::query()->withoutGlobalScope('salon')->whereKey($id)
            ->where('state', DeliveryState::Due->value)
            ->where('due_at', '<=', CarbonImmutable::now())
            ->update(['state' => DeliveryState::Sending->value, 'updated_at' => CarbonImmutable::now()]);
        $delivery = $claimed === 1
            ? WebhookDelivery::query()->withoutGlobalScope('salon')->find($id)
                ?->load(['webhook' => static fn ($query) => $query->withoutGlobalScope('salon')])
            : null;
        if ($delivery !== null && $delivery->webhook->stopped_at !== null) {
            $delivery->update(['state' => DeliveryState::Failed]);

            return null;
        }

        return $delivery;
    }

    /** @param int|null $status of HTTP; null: nobody answered */
    public function answered(WebhookDelivery $delivery, ?int $status): void
    {
        $isThere = $status !== null && $status >= 200 && $status < 300;
        $attempts = $delivery->attempts + 1;
        $next = self::NEXT_MINUTES[$delivery->attempts] ?? null;
        $isStopped = ! $isThere && $this->fails($delivery, $status === self::GONE);
        $delivery->update([
            'attempts' => $attempts, 'status' => $status,
            'state' => match (true) {
                $isThere => DeliveryState::Delivered,
                $next === null || $isStopped => DeliveryState::Failed,
                default => DeliveryState::Due,
            },
            'sent_at' => $isThere ? CarbonImmutable::now() : null,
            'due_at' => CarbonImmutable::now()->addMinutes($next ?? 0),
        ]);
        if ($isThere && $delivery->webhook->failing_since !== null) {
            $delivery->webhook->update(['failing_since' => null]);
        }
    }

    /** @return bool whether nothing more is sent there */
    private function fails(WebhookDelivery $delivery, bool $isGone): bool
    {
        $webhook = $delivery->webhook;
        $since = $webhook->failing_since ?? CarbonImmutable::now();
        $isStopped = $isGone || $since->lessThan(CarbonImmutable::now()->subHours(self::STOPPED_AFTER_HOURS));
        $webhook->update([
            'failing_since' => $since, 'stopped_at' => $isStopped ? CarbonImmutable::now() : null,
        ]);

        return $isStopped;
    }
}
