<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A product on the salon's shelf, or a client's own at home.
 *
 * @property string               $id
 * @property int                  $salon_id
 * @property string|null          $head_id
 * @property string               $name
 * @property string               $kind
 * @property string               $ingredients      as pasted
 * @property array<string, mixed> $reading          what the list was read as
 * @property list<string>         $claims
 * @property string|null          $barcode
 * @property float|null           $size_ml
 * @property float|null           $left_ml
 * @property float|null           $pump_ml
 * @property int|null             $price_cents
 * @property int|null             $label_minutes how long it sits at most, by its label
 * @property CarbonImmutable|null $opened_on
 * @property int|null             $months_open
 * @property CarbonImmutable|null $made_on
 * @property int|null             $keeps_days
 * @property string|null          $batch
 * @property CarbonImmutable|null $recalled_on
 * @property string|null          $recalled_because
 */
final class Product extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use UlidKey;
    use LogsActivity;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'reading' => 'array', 'claims' => 'array', 'size_ml' => 'float', 'left_ml' => 'float', 'pump_ml' => 'float',
            'opened_on' => 'immutable_date', 'made_on' => 'immutable_date', 'recalled_on' => 'immutable_date',
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logExcept(['reading', 'created_at', 'updated_at'])->logAll()->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return HasMany<StockMove, $this> */
    public function moves(): HasMany
    {
        $relation = $this->hasMany(StockMove::class);
        $relation->orderByDesc('moved_at')->orderByDesc('id');

        return $relation;
    }
}
