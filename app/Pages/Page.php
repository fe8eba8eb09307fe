<?php

declare(strict_types=1);

namespace App\Pages;

use Illuminate\Contracts\Support\Arrayable;

/**
 * What a screen shows, each part with its type. A view finds every part under its own name.
 *
 * @implements Arrayable<string, mixed>
 */
abstract readonly class Page implements Arrayable
{
    /** @return array<string, mixed> the parts by name, as a view takes them */
    final public function toArray(): array
    {
        /** @var array<string, mixed> */
        return get_object_vars($this);
    }
}
