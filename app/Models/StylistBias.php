<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Illuminate\Database\Eloquent\Model;

/**
 * How one stylist reads a sign: how far above the salon's usual, and with how much noise.
 *
 * @property int    $salon_id
 * @property string $by
 * @property string $sign
 * @property float  $mean
 * @property float  $sd
 * @property float  $noise_factor times the usual noise of a reading
 */
final class StylistBias extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $table = 'stylist_biases';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['mean' => 'float', 'sd' => 'float', 'noise_factor' => 'float'];
    }
}
