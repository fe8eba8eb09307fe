<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * That somebody agreed, to which words, and whether it still holds. A child's guardian agrees for the child.
 *
 * @property int                  $id
 * @property int                  $salon_id
 * @property string               $head_id
 * @property ConsentPurpose       $purpose
 * @property string               $wording      as it was read; empty: given before words were kept
 * @property CarbonImmutable|null $worded_on    the day that wording is of
 * @property string|null          $language     ISO 639-1
 * @property string               $given_by
 * @property CarbonImmutable      $given_on
 * @property string               $taken_by
 * @property CarbonImmutable|null $withdrawn_on null: it holds
 * @property string|null          $withdrawn_by who noted that
 */
final class Consent extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    public $timestamps = false;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'purpose' => ConsentPurpose::class, 'worded_on' => 'immutable_date', 'given_on' => 'immutable_date',
            'withdrawn_on' => 'immutable_date',
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'purpose', 'worded_on', 'given_by', 'given_on', 'withdrawn_on', 'withdrawn_by'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }
}
