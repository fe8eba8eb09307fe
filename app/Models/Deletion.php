<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The proof that a client was deleted with all data.
 *
 * @property int                $id
 * @property int                $salon_id
 * @property string             $by
 * @property array<string, int> $before rows by table
 * @property array<string, int> $after  rows by table, counted again
 * @property int                $files_before
 * @property int                $files_after
 * @property CarbonImmutable    $deleted_at
 */
final class Deletion extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['before' => 'array', 'after' => 'array', 'deleted_at' => 'immutable_datetime'];
    }

    public function leftNothing(): bool
    {
        return array_sum($this->after) === 0 && $this->files_after === 0;
    }
}
