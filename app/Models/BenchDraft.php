<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a stylist has typed on the Bench and not yet taken in.
 *
 * @property string                $head_id
 * @property int                   $user_id
 * @property string                $moment
 * @property array<string, string> $fields     by the name of the field
 * @property CarbonImmutable       $updated_at
 */
final class BenchDraft extends Model
{
    use BelongsToSalon;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['fields' => 'array', 'updated_at' => 'immutable_datetime'];
    }
}
