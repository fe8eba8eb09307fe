<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Nagomi\Core\Wording\KeptMessage;
use Nagomi\Core\Wording\Message;

/**
 * A column that keeps several messages.
 *
 * @implements CastsAttributes<list<Message>, list<Message>>
 */
final class AsMessages implements CastsAttributes
{
    /**
     * @param array<string, mixed> $attributes
     *
     * @return list<Message>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return KeptMessage::readAll(is_string($value) ? json_decode($value, true) : null);
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
