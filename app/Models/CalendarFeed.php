<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/**
 * A secret address from which a calendar program fetches, of one stylist or one client.
 *
 * @property string               $id
 * @property int                  $salon_id
 * @property int|null             $user_id
 * @property string|null          $head_id
 * @property string               $secret
 * @property CarbonImmutable|null $withdrawn_at
 * @property CarbonImmutable      $expires_at
 * @property CarbonImmutable|null $fetched_at
 * @property Salon                $salon
 */
final class CalendarFeed extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use UlidKey;

    /** A link that is used is made anew once a year, one that nobody uses ends sooner: common practice, no source. */
    public const GOOD_DAYS = 365;
    public const UNFETCHED_DAYS = 90;

    protected $guarded = ['id', 'salon_id'];

    protected function casts(): array
    {
        return [
            'secret' => 'encrypted', 'withdrawn_at' => 'immutable_datetime', 'fetched_at' => 'immutable_datetime',
            'expires_at' => 'immutable_datetime',
        ];
    }

    /**
     * A new address; the one before opens nothing any more.
     *
     * @param array{user_id: int}|array{head_id: string} $whose
     */
    public static function anew(int $salonId, array $whose): self
    {
        self::query()
            ->where('salon_id', $salonId)
            ->where($whose)
            ->whereNull('withdrawn_at')
            ->update(['withdrawn_at' => now()]);
        $secret = Str::random(48);
        $feed = new self($whose + [
            'secret' => $secret, 'digest' => hash('sha256', $secret),
            'expires_at' => CarbonImmutable::now()->addDays(self::GOOD_DAYS),
        ]);
        $feed->salon_id = $salonId;
        $feed->save();

        return $feed;
    }

    /** @param array{user_id: int}|array{head_id: string} $whose */
    public static function current(array $whose): ?self
    {
        /** @var self|null */
        return self::good()->where($whose)->latest('id')->first();
    }

    public static function opened(string $secret): ?self
    {
        /** @var self|null */
        return self::good()->where('digest', hash('sha256', $secret))->first();
    }

    /** @return Builder<self> neither withdrawn, nor too old, nor left lying */
    private static function good(): Builder
    {
        $now = CarbonImmutable::now();
        $lately = $now->subDays(self::UNFETCHED_DAYS);

        return self::query()
            ->whereNull('withdrawn_at')
            ->where('expires_at', '>', $now)
            ->where(fn (Builder $used): Builder => $used
                ->where('fetched_at', '>', $lately)
                ->orWhere(fn (Builder $new): Builder => $new
                    ->whereNull('fetched_at')
                    ->where('created_at', '>', $lately)));
    }

    public function path(): string
    {
        return "/calendars/{$this->secret}.ics";
    }
}
