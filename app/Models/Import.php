<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\UlidKey;
use Illuminate\Database\Eloquent\Model;

/**
 * What was read of a file and waits to be confirmed.
 *
 * @property string                     $id
 * @property int                        $salon_id
 * @property int                        $user_id
 * @property string                     $name
 * @property list<array<string, mixed>> $found one for each client or record: where it stands, what it is, what is wrong
 *     with it
 */
final class Import extends Model
{
    use BelongsToSalon;
    use UlidKey;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return ['found' => 'encrypted:array'];
    }
}
