<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;

/**
 * An act that changed something, and the answer it got.
 *
 * @property int                       $id
 * @property string                    $digest who sent what where under which key, as SHA-256
 * @property string                    $what   name of the route, for whoever looks into the table
 * @property array<string, mixed>|null $answer null while it is being done
 * @property CarbonImmutable           $taken_at
 */
final class Act extends Model
{
    use BootsByName;
    use ReadsOnce;
    use MassPrunable;

    /** The field of a form that carries its key. */
    public const FIELD = '_act';

    /** A form is sent again within minutes, an offline queue within days. */
    private const KEPT_DAYS = 7;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['answer' => 'json:unicode', 'taken_at' => 'immutable_datetime'];
    }

    /** @return Builder<Act> */
    public function prunable(): Builder
    {
        return self::query()->where('taken_at', '<', CarbonImmutable::now()->subDays(self::KEPT_DAYS));
    }
}
