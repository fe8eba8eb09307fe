<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a visit said when it was taken in, confirmed or corrected. Written once; a correction writes another.
 *
 * @property int                  $id
 * @property string               $visit_id
 * @property string               $by
 * @property string               $because
 * @property StoredAccount        $account
 * @property CarbonImmutable      $written_at
 */
final class VisitStatement extends Model
{
    use BootsByName;
    use ReadsOnce;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['account' => 'array', 'written_at' => 'immutable_datetime'];
    }
}
