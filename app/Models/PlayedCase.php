<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A practice case as somebody plays it. Nothing of it is of a client: what the hair is like follows from its seed.
 *
 * @property int                        $id
 * @property int                        $salon_id
 * @property Salon                      $salon
 * @property int                        $user_id  who plays it
 * @property string                     $name     of a written case, or LIVED; '' where it was drawn
 * @property int                        $seed     of its luck; of hair that was met its number
 * @property StoredLivedHair|null       $lived    the hair that was met, as it was when the case was begun
 * @property CarbonImmutable            $from_on  day of its first visit
 * @property CarbonImmutable            $begun_at
 * @property CarbonImmutable|null       $ended_at
 * @property StoredCaseScore|null       $score    what it came to, once it has ended
 * @property StoredCaseBeside|null      $beside   what others came to on the same case
 * @property Collection<int, PlayedAct> $acts
 */
final class PlayedCase extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    /** Name of a case out of hair that was met. */
    public const LIVED = 'lived';

    public $timestamps = false;

    protected $guarded = ['id', 'salon_id', 'user_id'];

    protected function casts(): array
    {
        return [
            'seed' => 'integer', 'from_on' => 'immutable_date', 'begun_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime', 'score' => 'array', 'beside' => 'array', 'lived' => 'array',
        ];
    }

    /** @return HasMany<PlayedAct, $this> in the order they were taken */
    public function acts(): HasMany
    {
        return $this->hasMany(PlayedAct::class)->orderBy('place');
    }

    /** @return list<StoredPlayedVisit> what was decided, by visit */
    public function visits(): array
    {
        $visits = [];
        foreach ($this->acts as $act) {
            if (isset($act->content['belief'])) {
                $visits[] = $act->content;
            }
        }

        return $visits;
    }

    /** @return StoredPlayedVisit|null null: there was none yet */
    public function lastVisit(): ?array
    {
        return array_slice($this->visits(), -1)[0] ?? null;
    }
}
