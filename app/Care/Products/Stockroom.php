<?php

declare(strict_types=1);

namespace App\Care\Products;

use App\Models\Product;
use Illuminate\Support\Facades\DB;

/** What is left of each product, and every act that changed it. Never below zero. */
final readonly class Stockroom
{
    public function counted(Product $product, float $leftMl, string $by): void
    {
        $this->move($product, 'counted', $leftMl - ($product->left_ml ?? 0.0), $by);
    }

    public function bought(Product $product, float $ml, string $by): void
    {
        $this->move($product, 'bought', $ml, $by);
    }

    /**
     * Takes what was used off the shelf, once for each key.
     *
     * @return float how much there was to take: less than asked for where the bottle said more than it held
     */
    public function used(Product $product, float $ml, string $by, string $key, ?string $washSessionId = null): float
    {
        return $this->move($product, 'used', -$ml, $by, $key, $washSessionId);
    }

    private function move(
        Product $product,
        string $kind,
        float $ml,
        string $by,
        ?string $key = null,
        ?string $washSessionId = null,
    ): float {
        return DB::transaction(function () use ($product, $kind, $ml, $by, $key, $washSessionId): float {
            // Two hands at one bottle: the second waits for the first.
            /** @var Product $locked */
            $locked = Product::query()->whereKey($product->id)->lockForUpdate()->sole();
            if ($key !== null && $locked->moves()->where('key', $key)->exists()) {
                return 0.0;
            }
            $before = $locked->left_ml ?? 0.0;
            $after = max(0.0, $before + $ml);
            $locked->moves()->create([
                'salon_id' => $locked->salon_id, 'kind' => $kind, 'ml' => $after - $before, 'left_ml' => $after,
                'by' => $by, 'key' => $key, 'wash_session_id' => $washSessionId, 'moved_at' => now(),
            ]);
            $locked->update(['left_ml' => round($after, 2)]);
            $product->refresh();

            return $before - $after;
        });
    }
}
