<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something a client said or did at home, as it came from the client’s card.
 *
 * @property string          $head_id
 * @property string          $key
 * @property string          $kind    wash-day, reading, style or picture
 * @property CarbonImmutable $date
 * @property string          $says    in words
 * @property string|null     $refused why it is not in the book
 * @property CarbonImmutable $came_at
 */
final class HomeAct extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['date' => 'immutable_date', 'came_at' => 'immutable_datetime'];
    }
}
