<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Models\Webhook;
use App\Models\WebhookEvent;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Symfony\Component\HttpFoundation\IpUtils;

/** An address that is to be told when something changes. */
final class WebhookRequest extends FormRequest
{
    /** Of one salon: each is written down with every change. */
    public const MOST = 10;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'url' => ['required', 'string', 'max:500'],
            'events' => ['required', 'array', 'min:1'],
            'events.*' => ['required', 'string', 'distinct', Rule::enum(WebhookEvent::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'url.*' => Words::say('connections.wrong.url'),
            'events.*' => Words::say('connections.wrong.events'),
            'events.*.*' => Words::say('connections.wrong.events'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            /** @var User $user */
            $user = $this->user();
            $wrong = $validator->errors()->has('url') ? null : $this->wrongWith($this->address());
            if ($wrong !== null) {
                $validator->errors()->add('url', Words::say("connections.wrong.{$wrong}"));
            }
            if (Webhook::query()->where('salon_id', $user->salon_id)->count() >= self::MOST) {
                $validator->errors()->add('url', Words::say('connections.wrong.many', ['most' => self::MOST]));
            }
        });
    }

    /** What a name leads to is asked again each time something is told. */
    private function wrongWith(string $url): ?string
    {
        $isPrivateTold = config()->boolean('api.webhooks_to_private_addresses');
        $parts = filter_var($url, FILTER_VALIDATE_URL) === false ? false : parse_url($url);
        if (
            $parts === false || ! isset($parts['host']) || isset($parts['user']) || isset($parts['pass'])
                || ! in_array($parts['scheme'] ?? '', $isPrivateTold ? ['https', 'http'] : ['https'], true)
        ) {
            return 'url';
        }
        $host = trim($parts['host'], '[]');
        $isPrivate = strcasecmp($host, 'localhost') === 0
            || (filter_var($host, FILTER_VALIDATE_IP) !== false && IpUtils::isPrivateIp($host));

        return $isPrivate && ! $isPrivateTold ? 'url-private' : null;
    }

    /** @return string as it is told */
    public function address(): string
    {
        return trim($this->string('url')->value());
    }

    /** @return list<WebhookEvent> */
    public function tells(): array
    {
        return array_values($this->enums('events', WebhookEvent::class));
    }
}
