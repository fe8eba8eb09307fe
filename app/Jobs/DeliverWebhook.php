<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Care\Programs\Deliveries;
use App\Channels\WebhookSender;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Tells one address one thing; what fails is tried again by the clock. */
final class DeliverWebhook implements ShouldQueue
{
    use Queueable;

    public int $timeout = 20;

    public int $tries = 1;

    public function __construct(public readonly string $deliveryId, int $salonId)
    {
        $this->onQueue(SalonShard::queueOf($salonId));
    }

    public function handle(Deliveries $deliveries, WebhookSender $sender): void
    {
        $delivery = $deliveries->claim($this->deliveryId);
        if ($delivery !== null) {
            $deliveries->answered($delivery, $sender->send($delivery));
        }
    }
}
