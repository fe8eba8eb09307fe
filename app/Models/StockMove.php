<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One change of what is left of a product.
 *
 * @property string          $product_id
 * @property string          $kind       counted, bought or used
 * @property float           $ml         how much it changed by
 * @property float           $left_ml    what was left after it
 * @property string          $by
 * @property CarbonImmutable $moved_at
 */
final class StockMove extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['ml' => 'float', 'left_ml' => 'float', 'moved_at' => 'immutable_datetime'];
    }
}
