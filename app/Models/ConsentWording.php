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
 * How a salon words what is agreed to, from a day on. Never changed: another wording is another row.
 *
 * @property int             $id
 * @property int             $salon_id
 * @property ConsentPurpose  $purpose
 * @property string          $language ISO 639-1
 * @property string          $wording  empty: as it ships
 * @property CarbonImmutable $since
 * @property string          $by
 */
final class ConsentWording extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    public $timestamps = false;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return ['purpose' => ConsentPurpose::class, 'since' => 'immutable_date'];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly(['purpose', 'language', 'wording', 'since'])->logOnlyDirty();
    }
}
