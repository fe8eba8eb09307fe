<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a salon's records said once of the numbers it goes by, and whether it went by them.
 *
 * @property int                  $id
 * @property int                  $salon_id
 * @property Salon                $salon
 * @property string               $asked_by
 * @property CarbonImmutable      $asked_at
 * @property CarbonImmutable      $worked_on_at while it has not ended
 * @property CarbonImmutable|null $ended_at
 * @property bool                 $failed
 * @property int                  $heads    it was learned from
 * @property int                  $readings of them, of those that tell of the balance
 * @property StoredLearningWork|null $work  how far it is; null: it has ended
 * @property StoredLearned|null   $factors  by factor
 * @property StoredKinds|null    $kinds    in what hair of one kind is otherwise; null: not looked at
 * @property StoredHeld|null      $held     readings of them within their 80 % range, as shipped and by what was
 *                                        learned; how far off they were by it, as a share of how far as shipped
 * @property CarbonImmutable|null $used_at
 * @property string|null          $used_by
 * @property CarbonImmutable|null $left_at
 * @property string|null          $left_by
 */
final class Learning extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    /** One whose worker was killed is begun again after so long; each stretch of work is far shorter. */
    private const LEFT_LYING_MINUTES = 10;

    public $timestamps = false;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'asked_at' => 'immutable_datetime', 'worked_on_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime', 'left_at' => 'immutable_datetime',
            'failed' => 'boolean', 'heads' => 'integer', 'readings' => 'integer',
            'work' => 'array', 'factors' => 'array', 'held' => 'array', 'kinds' => 'array',
        ];
    }

    public function isUnderWay(): bool
    {
        return $this->ended_at === null
            && $this->worked_on_at->diffInMinutes(CarbonImmutable::now()) < self::LEFT_LYING_MINUTES;
    }

    public function isUsed(): bool
    {
        return $this->used_at !== null && $this->left_at === null;
    }
}
