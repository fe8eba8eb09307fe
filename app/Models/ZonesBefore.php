<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The zones of a head as they were until a day on which they were sorted anew.
 *
 * @property string                     $head_id
 * @property CarbonImmutable            $until
 * @property list<array<string, mixed>> $zones as in a care record
 */
final class ZonesBefore extends Model
{
    use BootsByName;
    use ReadsOnce;

    public $timestamps = false;

    protected $table = 'zones_before';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['until' => 'immutable_date', 'zones' => 'array'];
    }
}
