<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A picture of a head, with who agreed to it. The file is private and goes with the row.
 *
 * @property string          $id
 * @property int             $salon_id
 * @property string          $head_id
 * @property CarbonImmutable $taken_on
 * @property string          $kind       before, after or other
 * @property string          $consent_by
 * @property CarbonImmutable $consent_on
 * @property string          $by
 * @property int             $width      pixels
 * @property int             $height     pixels
 */
final class Picture extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use UlidKey;
    use LogsActivity;

    public const DISK = 'pictures';

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['taken_on' => 'immutable_date', 'consent_on' => 'immutable_date'];
    }

    protected static function booted(): void
    {
        // The file goes when the row surely has; where its store is away, by night (nagomi:sweep-pictures).
        static::deleted(fn (self $picture) => DB::afterCommit(
            fn (): mixed => rescue(fn (): bool => Storage::disk(self::DISK)->delete($picture->path())),
        ));
    }

    public function path(): string
    {
        return "pictures/{$this->salon_id}/{$this->id}.jpg";
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['head_id', 'taken_on', 'kind', 'consent_by'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }
}
