<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $head_id
 * @property string $zone
 * @property string $part
 * @property string $porosity
 * @property string $strand
 * @property bool   $chemically_treated
 */
final class ZonePart extends Model
{
    use BootsByName;
    use ReadsOnce;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['chemically_treated' => 'boolean'];
    }
}
