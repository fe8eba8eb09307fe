<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * @property int                   $id
 * @property string                $name
 * @property string                $timezone
 * @property float                 $hardness_mg_per_l
 * @property float                 $humidity_percent
 * @property array<string, string> $method
 * @property string                $climate  none, own, or one that ships
 * @property int                   $chairs
 * @property int|null              $basins that work; null: nobody counts them
 * @property int|null              $dryers held in the hand, the same
 * @property int|null              $hoods  the same
 * @property int|null              $late_cancel_hours before a visit; cancelled later than that is late
 * @property int|null              $missed_from so many visits missed, from which the salon's rule is shown
 * @property string|null           $missed_rule what the salon does then, in its own words
 * @property string                $currency ISO 4217
 * @property int                   $price_level currency units that buy what one of the shipped prices buys, 1 and more
 * @property int|null              $tax_hundredths of a percent on services; null: none is shown
 * @property bool                  $tax_added to prices; false: prices hold it
 * @property string|null           $phone     clients call
 * @property string                $language  of messages to clients without one of their own, ISO 639-1
 * @property int                   $day_turns_minute after midnight, until when the night belongs to the day before
 * @property int                   $quiet_from_minute  of the day; from then nobody is written to
 * @property int                   $quiet_until_minute of the day
 * @property string                $outbox    what the stand-in for mail and text does: works, refuses or hangs
 * @property int|null              $forget_after_years without a sign of a client; null: nobody is forgotten by itself
 * @property array<string, float>|null $learned factors on what ships, by name, that its own records say; null: as shipped
 * @property StoredKinds|null $learned_kinds what it took over of how kinds of hair differ here; null: that they do not
 * @property StoredReadingNoise|null $reading_noise how much its stylists and its signs scatter; null: never looked at
 * @property list<StoredStandsOut>|null $results_stand_out of hair tests, when it was last looked at; null: never
 * @property array<string, float>|null $air daily humidity in %, by day of the year
 */
final class Salon extends Model
{
    use BootsByName;
    use ReadsOnce;
    use LogsActivity;

    protected $guarded = ['id'];

    /** @var array<string, int> */
    protected $attributes = ['price_level' => 1];

    protected function casts(): array
    {
        return [
            'hardness_mg_per_l' => 'float', 'humidity_percent' => 'float', 'method' => 'array', 'air' => 'array',
            'learned' => 'array', 'learned_kinds' => 'array',
            'results_stand_out' => 'array', 'reading_noise' => 'array',
            'chairs' => 'integer', 'basins' => 'integer', 'dryers' => 'integer', 'hoods' => 'integer',
            'late_cancel_hours' => 'integer', 'missed_from' => 'integer', 'tax_hundredths' => 'integer',
            'tax_added' => 'boolean', 'price_level' => 'integer',
            'forget_after_years' => 'integer',
            'day_turns_minute' => 'integer', 'quiet_from_minute' => 'integer', 'quiet_until_minute' => 'integer',
        ];
    }

    /** @return HasMany<Head, $this> */
    public function heads(): HasMany
    {
        return $this->hasMany(Head::class);
    }

    /** The day it is in the salon, whatever the server's clock shows. */
    public function today(): CarbonImmutable
    {
        return $this->dayAt(CarbonImmutable::now());
    }

    /** The salon's day at a moment: where somebody works past midnight it turns when they have gone. */
    public function dayAt(DateTimeInterface $moment): CarbonImmutable
    {
        $there = CarbonImmutable::instance($moment)->setTimezone($this->timezone);
        $isNight = 60 * $there->hour + $there->minute < $this->day_turns_minute;

        return ($isNight ? $there->subDay() : $there)->startOfDay();
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()->logOnly([
            'name', 'timezone', 'currency', 'language', 'phone', 'hardness_mg_per_l', 'humidity_percent', 'climate',
            'chairs', 'basins', 'dryers', 'hoods', 'late_cancel_hours', 'missed_from', 'missed_rule', 'tax_hundredths',
            'tax_added', 'quiet_from_minute', 'quiet_until_minute', 'forget_after_years',
        ])->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
