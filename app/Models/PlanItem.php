<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMessages;
use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;
use Nagomi\Core\Wording\Message;

/**
 * One planned wash day; cancelled ones stay, so that calendars hear of it.
 *
 * @property int                              $id
 * @property string                           $uid
 * @property int                              $sequence
 * @property string                           $status
 * @property string                           $head_id
 * @property CarbonImmutable                  $date
 * @property list<array<string, mixed>>       $steps
 * @property float                            $minutes
 * @property array<string, mixed>|null        $parts   what the minutes are made of
 * @property bool                             $styles_after styled on the day after
 * @property list<Message>                    $reasons
 * @property array<string, mixed>|null        $without
 * @property list<Message>                    $broken
 * @property array<string, string>|null       $barred  key of the rule by treatment; of the first wash day only
 * @property bool                             $look
 * @property array<string, mixed>|null        $by_hand
 * @property array<string, mixed>|null        $clash
 * @property float                            $broken_hairs
 * @property CarbonImmutable                  $created_at
 * @property CarbonImmutable                  $updated_at
 */
final class PlanItem extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'date' => 'immutable_date', 'steps' => 'array', 'minutes' => 'float', 'parts' => 'array',
            'reasons' => AsMessages::class,
            'without' => 'array', 'broken' => AsMessages::class, 'look' => 'boolean', 'styles_after' => 'boolean',
            'by_hand' => 'array', 'clash' => 'array', 'barred' => 'array',
            'broken_hairs' => 'float',
            'created_at' => 'immutable_datetime', 'updated_at' => 'immutable_datetime',
        ];
    }

    /** Wash days further apart than this are different ones. */
    public const SAME_WITHIN_DAYS = 4;

    /**
     * The planned wash day that a date stands for: that day's, or the nearest within a few days.
     *
     * @param Collection<int, self> $items
     */
    public static function near(Collection $items, DateTimeInterface $date): ?self
    {
        $day = (int) strtotime($date->format('Y-m-d') . ' UTC');
        $apart = fn (self $item): int => abs((int) strtotime($item->date->format('Y-m-d') . ' UTC') - $day);

        return $items
            ->filter(fn (self $item): bool => $apart($item) < self::SAME_WITHIN_DAYS * 86400)
            ->sortBy($apart)
            ->first();
    }
}
