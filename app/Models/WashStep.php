<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string      $kind
 * @property float|null  $minutes
 * @property bool        $heat
 * @property string|null $cleanse
 * @property int         $passes
 * @property string|null $how
 * @property string|null $tool
 * @property bool        $evening_before a pre-wash that was put on the evening before
 * @property float|null  $millimetres
 * @property string|null $product
 * @property array<string, int|array<string, float>>|null $contents what its bottle held, as in a care record; null: not known
 */
final class WashStep extends Model
{
    use BootsByName;
    use ReadsOnce;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'minutes' => 'float',
            'millimetres' => 'float',
            'heat' => 'boolean',
            'evening_before' => 'boolean',
            'passes' => 'integer',
            'contents' => 'array',
        ];
    }
}
