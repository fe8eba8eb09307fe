<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\AccessToken;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Pages\Page;

/** Other programs that may ask, and addresses that are told. */
final readonly class ConnectionsPage extends Page
{
    /**
     * @param list<AccessToken>       $tokens     the latest first
     * @param array<int, string>      $givers     names by key
     * @param list<Webhook>           $webhooks
     * @param array<int, WebhookDelivery> $last   what each was told last, by its key
     * @param list<WebhookDelivery>   $deliveries the latest first
     * @param array<string, string>   $abilities  as lines of lang/ call them, by value
     * @param array<string, string>   $events     as lines of lang/ call them, by value
     * @param list<int>               $days       a key can be good for
     * @param 'token'|'webhook'|null  $newIs      what is shown once; null: nothing
     * @param string                  $zone       time zone of the salon
     */
    public function __construct(
        public array $tokens,
        public array $givers,
        public array $webhooks,
        public array $last,
        public array $deliveries,
        public array $abilities,
        public array $events,
        public array $days,
        public ?string $newIs,
        public string $newKey,
        public string $zone,
        public string $address,
        public string $document,
    ) {
    }
}
