<?php

declare(strict_types=1);

namespace App\Care\Products;

use App\Bridge\Products\LabelMinutes;
use App\Models\Product;
use App\Models\Salon;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * How long masks and protein may sit decides what is planned: where a label comes, goes or changes, seasons are planned
 * anew.
 */
final readonly class MaskLabels
{
    private const DECIDES = ['kind', 'label_minutes', 'recalled_on', 'head_id'];

    public function saved(Product $product): void
    {
        if ($product->wasRecentlyCreated || $product->wasChanged(self::DECIDES)) {
            $this->planAnew($product);
        }
    }

    public function deleted(Product $product): void
    {
        $this->planAnew($product);
    }

    private function planAnew(Product $product): void
    {
        $kinds = [$product->kind, $product->getPrevious()['kind'] ?? null];
        $sitting = array_filter(
            array_column(LabelMinutes::KINDS, 'value'),
            static fn (string $kind): bool => in_array($kind, $kinds, true),
        );
        if ($sitting === [] || ! $this->saysAnything($product, $sitting)) {
            return;
        }
        $salon = $product->salon ?? Salon::query()->findOrFail($product->salon_id);
        $today = $salon->today()->format('Y-m-d');
        DB::table('heads')
            ->where('salon_id', $product->salon_id)
            ->when(
                $product->head_id !== null && ! $product->wasChanged('head_id'),
                static fn (Builder $heads): Builder => $heads->where('id', $product->head_id),
            )
            ->where(
                static fn (Builder $due): Builder => $due
                    ->whereNull('outlook_due_from')
                    ->orWhere('outlook_due_from', '>', $today),
            )
            ->update(['outlook_due_from' => $today]);
    }

    /**
     * Where no bottle of a kind has ever said how long it sits, another that does not changes nothing.
     *
     * @param array<string> $kinds
     */
    private function saysAnything(Product $product, array $kinds): bool
    {
        return $product->label_minutes !== null
            || $product->wasChanged('label_minutes')
            || Product::query()
                ->where('salon_id', $product->salon_id)
                ->whereIn('kind', $kinds)
                ->whereNotNull('label_minutes')
                ->exists();
    }
}
