<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\SealedFlag;
use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\KeepsHealthTrail;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Notifications\RoutesNotifications;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Crypt;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A client's head.
 *
 * @property string                    $id
 * @property int                       $salon_id
 * @property string                    $name
 * @property CarbonImmutable|null      $born_on
 * @property string|null               $guardian_name
 * @property CarbonImmutable|null      $consent_on
 * @property string|null               $consent_by
 * @property float|null                $ring_mm
 * @property float|null                $strand_um
 * @property string                    $density           low, medium, high or not-measured
 * @property bool                      $bends_without_ring
 * @property int|null                  $length_mm         null: not measured
 * @property int                       $sections
 * @property int|null                  $washing_sections    where they differ, as on the last wash days
 * @property int|null                  $detangling_sections
 * @property int|null                  $styling_sections
 * @property float|null                $hardness_mg_per_l null: not measured
 * @property float                     $humidity_percent
 * @property string                    $styling_load
 * @property bool                      $protein_sensitive
 * @property bool                      $sore_scalp
 * @property bool                      $red_sign
 * @property bool                      $tender_edges
 * @property bool                      $asthma_or_pregnant
 * @property bool                      $swims
 * @property int                       $wash_every_days
 * @property int|null                  $minutes_limit
 * @property array<string, string>     $method
 * @property string|null               $goals
 * @property string|null               $hair_history
 * @property string|null               $chemical_history
 * @property CarbonImmutable|null      $overloaded_on    protein was too much about then
 * @property string|null               $overloaded_by    by what
 * @property string|null               $allergies
 * @property string|null               $health_notes
 * @property array<string, mixed>|null $carried
 * @property array<string, mixed>|null $season what a plan must keep to, as in a care record
 * @property array<string, mixed>|null $made_up the truth of a head of the demo, which the simulated instruments read;
 *     null for every real one
 * @property CarbonImmutable|null      $outlook_due_from the earliest day whose balance is still to be worked out anew
 * @property string|null               $email
 * @property string|null               $phone
 * @property string|null               $language    messages are in, ISO 639-1; null: the salon's
 * @property string                    $reminded_by nobody, mail or text
 * @property CarbonImmutable|null      $forget_on  the day from which the client is forgotten, unless heard of before
 * @property CarbonImmutable|null      $kept_on    somebody wished so, whenever the client was seen last
 * @property string|null               $household whoever lives or comes with the client is called the same
 * @property Salon                     $salon
 * @property Outlook|null              $outlook
 * @property Collection<int, ZonePart> $zoneParts
 * @property Collection<int, ZonesBefore> $zonesBefore
 * @property Collection<int, WashDay>  $washDays
 * @property Collection<int, Reading>  $readings
 * @property Collection<int, PlanItem> $planItems
 */
final class Head extends Model
{
    use BootsByName;
    use ReadsOnce;
    use BelongsToSalon;
    use UlidKey;
    use KeepsHealthTrail;
    use LogsActivity;
    use RoutesNotifications;

    /** Cautions a client told by a tick; the engine finds the others in readings, which tell as much. */
    public const TOLD_BY_TICK = ['tender_edges', 'asthma_or_pregnant'];

    private const ADULT_AT_YEARS = 18;

    protected $guarded = ['id', 'salon_id', 'made_up'];

    /** What the table assumes as well, for whoever asks before the row was read. */
    protected $attributes = ['bends_without_ring' => false];

    protected function casts(): array
    {
        return [
            'born_on' => 'immutable_date', 'overloaded_on' => 'immutable_date',
            'consent_on' => 'immutable_date',
            'outlook_due_from' => 'immutable_date', 'forget_on' => 'immutable_date', 'kept_on' => 'immutable_date',
            'ring_mm' => 'float',
            'strand_um' => 'float',
            'hardness_mg_per_l' => 'float',
            'humidity_percent' => 'float',
            'length_mm' => 'integer',
            'bends_without_ring' => 'boolean',
            'protein_sensitive' => 'boolean',
            'sore_scalp' => 'boolean',
            'red_sign' => 'boolean',
            'tender_edges' => SealedFlag::class,
            'asthma_or_pregnant' => SealedFlag::class,
            'swims' => 'boolean',
            'method' => 'array',
            'allergies' => 'encrypted',
            'health_notes' => 'encrypted',
            'carried' => 'array',
            'season' => 'array',
            'made_up' => 'array',
            'email' => 'encrypted',
            'phone' => 'encrypted',
        ];
    }

    /** Who changed what, without what is private: the trail names the field, never a health note. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logAll()
            ->logExcept([
                // How many acts there were is no act.
                'acts_taken',
                'allergies', 'health_notes', 'carried', 'made_up', 'email', 'phone', 'outlook_due_from', 'created_at',
                'updated_at', 'forget_on',
            ])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** What was told by a tick stands in the trail as it stands in the row: encrypted. */
    public function tapActivity(TrailEntry $entry): void
    {
        $properties = $entry->properties?->all() ?? [];
        foreach (['attributes', 'old'] as $side) {
            $told = is_array($properties[$side] ?? null) ? $properties[$side] : [];
            foreach (array_intersect_key($told, array_flip(self::TOLD_BY_TICK)) as $field => $value) {
                $told[$field] = is_bool($value) ? Crypt::encryptString($value ? '1' : '0') : $value;
            }
            $properties = $told === [] ? $properties : [$side => $told] + $properties;
        }
        $entry->properties = new Collection($properties);
    }

    /** @return array<string, string> */
    public static function healthFields(): array
    {
        return ['allergies' => 'allergies', 'health_notes' => 'health notes', 'email' => 'email', 'phone' => 'phone'];
    }

    public function isMinor(CarbonImmutable $today): bool
    {
        return $this->born_on !== null && $this->born_on->addYears(self::ADULT_AT_YEARS)->greaterThan($today);
    }

    /** @return HasMany<ZonePart, $this> */
    public function zoneParts(): HasMany
    {
        $relation = $this->hasMany(ZonePart::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Consent, $this> */
    public function consents(): HasMany
    {
        return $this->hasMany(Consent::class);
    }

    /** @return HasMany<Picture, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(Picture::class);
    }

    /** @return HasMany<Visit, $this> the latest first */
    public function visits(): HasMany
    {
        $relation = $this->hasMany(Visit::class);
        $relation->orderByDesc('date')->orderByDesc('id');

        return $relation;
    }

    /** @return HasMany<Trial, $this> */
    public function trials(): HasMany
    {
        return $this->hasMany(Trial::class);
    }

    /** @return HasMany<Programme, $this> */
    public function programmes(): HasMany
    {
        return $this->hasMany(Programme::class);
    }

    /** @return HasMany<HomeLink, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(HomeLink::class);
    }

    /** @return HasMany<WashSession, $this> */
    public function washSessions(): HasMany
    {
        return $this->hasMany(WashSession::class);
    }

    /** @return HasMany<PaceDay, $this> */
    public function paceDays(): HasMany
    {
        return $this->hasMany(PaceDay::class);
    }

    /** @return HasMany<HeadSnapshot, $this> */
    public function days(): HasMany
    {
        return $this->hasMany(HeadSnapshot::class);
    }

    /** @return HasMany<ZonesBefore, $this> */
    public function zonesBefore(): HasMany
    {
        $relation = $this->hasMany(ZonesBefore::class);
        $relation->orderBy('until');

        return $relation;
    }

    /** @return HasMany<WashDay, $this> */
    public function washDays(): HasMany
    {
        $relation = $this->hasMany(WashDay::class);
        $relation->orderBy('date')->orderBy('id');

        return $relation;
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        $relation = $this->hasMany(Reading::class);
        $relation->orderBy('date')->orderBy('id');

        return $relation;
    }

    /** @return HasOne<Outlook, $this> */
    public function outlook(): HasOne
    {
        return $this->hasOne(Outlook::class);
    }

    /** @return HasMany<PlanItem, $this> */
    public function planItems(): HasMany
    {
        $relation = $this->hasMany(PlanItem::class);
        $relation->orderBy('date');

        return $relation;
    }
}
