<?php

declare(strict_types=1);

namespace App\Channels;

use App\Models\WebhookDelivery;
use Carbon\CarbonImmutable;
use Symfony\Contracts\HttpClient\Exception\TransportExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/**
 * Tells an address over HTTP, signed as the open specification Standard Webhooks has it (from memory): HMAC-SHA256 over
 * key, moment and body, so that nobody else can tell it anything, and nothing can be told it twice.
 */
final readonly class WebhookSender
{
    public function __construct(private HttpClientInterface $http)
    {
    }

    /** @return int|null status of HTTP; null: nobody answered in time, or the address may not be told */
    public function send(WebhookDelivery $delivery): ?int
    {
        $at = (string) CarbonImmutable::now()->getTimestamp();
        $seconds = config()->integer('api.webhook_timeout_seconds');
        try {
            $answer = $this->http->request('POST', $delivery->webhook->url, [
                'headers' => [
                    'Content-Type' => 'application/json',
                    'User-Agent' => config()->string('app.name') . '-Webhooks/1',
                    'webhook-id' => $delivery->id,
                    'webhook-timestamp' => $at,
                    'webhook-signature' => self::signature(
                        $delivery->webhook->secret,
                        $delivery->id,
                        $at,
                        $delivery->body,
                    ),
                ],
                'body' => $delivery->body,
                // Led on, it might be led to where nobody is to be told.
                'max_redirects' => 0,
                'timeout' => $seconds,
                'max_duration' => $seconds,
            ]);
            $status = $answer->getStatusCode();
            // What it says beside its status is read by nobody, however long it is.
            $answer->cancel();

            return $status;
        } catch (TransportExceptionInterface) {
            return null;
        }
    }

    /** @param string $secret "whsec_" and Base64 */
    public static function signature(string $secret, string $id, string $at, string $body): string
    {
        $key = (string) base64_decode((string) preg_replace('/^whsec_/', '', $secret), true);

        return 'v1,' . base64_encode(hash_hmac('sha256', "{$id}.{$at}.{$body}", $key, true));
    }
}
