<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Nagomi\Core\Wording\KeptMessage;
use Nagomi\Core\Wording\Message;

/**
 * A column that keeps a message, so that everybody reads it in their own language.
 *
 * @implements CastsAttributes<Message, Message>
 */
final class AsMessage implements CastsAttributes
{
    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Message
    {
        // A sentence that was kept before messages were is no JSON; it is said as it is.
        return KeptMessage::read(is_string($value) ? json_decode($value, true) ?? $value : null);
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
