<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * An ingredient a salon taught the book, or sees otherwise than the book that ships.
 *
 * @property int          $id
 * @property string       $name
 * @property list<string> $also
 * @property list<string> $functions
 * @property string       $strength
 * @property string       $by
 */
final class TaughtIngredient extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use LogsActivity;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['also' => 'array', 'functions' => 'array'];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['name', 'functions', 'strength'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }
}
