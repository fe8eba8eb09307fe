<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\KeepsHealthTrail;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * What a skin did after a product; it warns wherever that product or ingredient comes up for this head again.
 *
 * @property int             $id
 * @property string          $head_id
 * @property string|null     $product_id
 * @property string|null     $ingredient
 * @property CarbonImmutable $on
 * @property string          $what
 * @property string          $by
 * @property Product|null    $product
 */
final class Reaction extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use KeepsHealthTrail;
    use LogsActivity;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['on' => 'immutable_date', 'what' => 'encrypted'];
    }

    /** @return array<string, string> */
    public static function healthFields(): array
    {
        return ['what' => 'reaction'];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'product_id', 'ingredient', 'on'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }
}
