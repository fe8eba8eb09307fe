<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Head;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * How a client is called and reached; nothing of their hair, and nothing of their health.
 *
 * @property Head $resource
 */
final class ClientResource extends JsonResource
{
    /** @return array<string, string|null> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'email' => $this->resource->email,
            'phone' => $this->resource->phone,
            'language' => $this->resource->language,
            'messages' => $this->resource->reminded_by,
            'household' => $this->resource->household,
            'born_on' => $this->resource->born_on?->format('Y-m-d'),
        ];
    }
}
