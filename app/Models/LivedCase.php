<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Illuminate\Database\Eloquent\Model;

/**
 * Hair of a client of the salon to practise on. Whose it is stands nowhere: neither who made it nor when, which would
 * tell.
 *
 * @property int             $id
 * @property int             $salon_id
 * @property int             $number  in its salon, from 1
 * @property StoredLivedHair $hair
 */
final class LivedCase extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return ['number' => 'integer', 'hair' => 'array'];
    }
}
