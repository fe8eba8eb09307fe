<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Reading;
use App\Models\StylistBias as StoredBias;
use App\Models\WashDay;
use App\Models\WashStep;
use App\Models\ZonePart;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Air\Humidity;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Balance\History;
use Nagomi\Core\Balance\Remap;
use Nagomi\Core\Balance\StylistBias;
use Nagomi\Core\Head as Core;
use Nagomi\Core\Reading as CoreReading;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Record\SeasonFields;
use Nagomi\Core\Record\ZoneFields;
use Nagomi\Core\Season\Terms;
use Nagomi\Core\Treatment as CoreTreatment;
use Nagomi\Core\WashDay\CareMinutes;
use Nagomi\Core\WashDay\Pace;
use RuntimeException;

/** Turns a stored head into the core's care record. */
final class HeadRecord
{
    private const RELATIONS = ['salon', 'zoneParts', 'zonesBefore', 'washDays.steps', 'readings'];

    /** Further back no rule of the season looks. */
    private const RULES_LOOK_BACK_DAYS = 120;

    /** Wash days of similar heads that say how long theirs takes. */
    private const SIMILAR_FROM = 10;

    /** Retained length is told over so long; hair grows some 15 cm in it. */
    private const LENGTH_OVER_DAYS = 548;

    public static function of(Head $head): CareRecord
    {
        $head->loadMissing(self::RELATIONS);

        return new CareRecord(
            $head->id,
            $head->name,
            self::core($head),
            Intake::toRecord($head),
            array_values($head->washDays->map(self::washDay(...))->all()),
            array_values($head->readings->map(self::reading(...))->all()),
            self::carried($head, 'products'),
            self::biasesOf($head),
            self::plan($head),
            self::remaps($head),
            Weather::year($head->salon),
            SeasonFields::fromArray($head->season ?? []),
            Signs::ofRecord($head),
        );
    }

    public static function core(Head $head): Core\Head
    {
        return new Core\Head(
            array_values($head->zoneParts->map(fn (ZonePart $part): Core\ZonePart => new Core\ZonePart(
                Core\Zone::from($part->zone),
                Core\Part::from($part->part),
                Core\Porosity::from($part->porosity),
                Core\StrandDiameter::from($part->strand),
                $part->chemically_treated,
            ))->all()),
            $head->hardness_mg_per_l,
            $head->humidity_percent,
            Core\StylingLoad::from($head->styling_load),
            $head->protein_sensitive,
            $head->sore_scalp,
            $head->swims,
            $head->length_mm,
            $head->sections,
            $head->wash_every_days,
            $head->minutes_limit,
            new Core\Method($head->method),
            $head->red_sign,
        );
    }

    /** All a filter must know of a head but what happened to it. */
    public static function frame(Head $head): History
    {
        $head->loadMissing(['salon', 'zoneParts', 'zonesBefore']);

        return new History(self::core($head), [], [], self::remaps($head), self::biases($head), new Humidity($head->humidity_percent, Weather::year($head->salon)));
    }

    /** The frame with what happened after a day; null: with all that ever happened. */
    public static function after(Head $head, History $frame, ?DateTimeInterface $day): History
    {
        $later = $day?->format('Y-m-d') ?? '0001-01-01';
        $washDays = $head->washDays()->with('steps')->where('date', '>', $later)->get()->all();
        $readings = $head->readings()->where('date', '>', $later)->get()->all();

        return new History($frame->head, array_map(self::washDay(...), array_values($washDays)), array_map(self::reading(...), array_values($readings)), $frame->remaps, $frame->biases, $frame->air);
    }

    /** @return list<CoreTreatment\WashDay> as far back as any rule of the season looks */
    public static function lately(Head $head, \DateTimeImmutable $today): array
    {
        $days = $head->washDays()->with('steps')->where('date', '<=', $today->format('Y-m-d'))->where('date', '>=', $today->modify('-' . self::RULES_LOOK_BACK_DAYS . ' days')->format('Y-m-d'))->get();

        return array_values($days->map(self::washDay(...))->all());
    }

    /** @return list<CoreReading\Reading> the lengths measured over the last months */
    public static function lengths(Head $head, \DateTimeImmutable $today): array
    {
        $since = $today->modify('-' . self::LENGTH_OVER_DAYS . ' days')->format('Y-m-d');

        return array_map(self::reading(...), array_values($head->readings()->where('date', '>=', $since)->where('test', 'length')->get()->all()));
    }

    /** @return list<CoreTreatment\WashDay> the days hair was trimmed over the same months */
    public static function trims(Head $head, \DateTimeImmutable $today): array
    {
        $since = $today->modify('-' . self::LENGTH_OVER_DAYS . ' days')->format('Y-m-d');
        $cut = fn (Builder $steps) => $steps->where('kind', CoreTreatment\StepKind::Trim->value);

        return array_map(self::washDay(...), array_values($head->washDays()->where('date', '>=', $since)->whereHas('steps', $cut)->with('steps')->get()->all()));
    }

    /** How long detangling and drying take on this head, from what was booked and read before a day, not too long ago. */
    public static function pace(Head $head, Core\Head $core, \DateTimeImmutable $today): Pace
    {
        $since = $today->modify('-' . Pace::OVER_DAYS . ' days');
        // Whole days: one on which nothing was detangled is a day as well.
        $washed = $head->washDays()->where('date', '>=', $since->format('Y-m-d'))->with('steps')->get();
        $dried = $head->readings()->where('date', '>=', $since->format('Y-m-d'))->where('test', 'drying')->get();

        return Pace::of($core, array_map(self::washDay(...), array_values($washed->all())), array_map(self::reading(...), array_values($dried->all())), self::similarMinutes($head, $since));
    }

    /** Minutes a section of the salon's other heads as dense and as long; null while too few of their wash days are booked. */
    private static function similarMinutes(Head $head, DateTimeInterface $since): ?float
    {
        if ($head->length_mm === null || $head->density === 'not-measured') {
            // Nobody knows which heads are like this one.
            return null;
        }
        $similar = (array) DB::table('wash_steps')->join('wash_days', 'wash_days.id', '=', 'wash_steps.wash_day_id')->join('heads', 'heads.id', '=', 'wash_days.head_id')
            ->where('wash_days.salon_id', $head->salon_id)->where('wash_days.head_id', '!=', $head->id)->where('wash_days.date', '>=', $since->format('Y-m-d'))->where('wash_days.approximate', false)
            ->where('wash_steps.kind', CoreTreatment\StepKind::Detangle->value)->where('wash_steps.minutes', '>', 0)->where('heads.density', $head->density)->whereBetween('heads.length_mm', [$head->length_mm * 0.7, $head->length_mm * 1.4])
            ->selectRaw('count(*) as days, exp(avg(ln(wash_steps.minutes / heads.sections))) as minutes')->first();

        return is_numeric($similar['days'] ?? null) && $similar['days'] >= self::SIMILAR_FROM && is_numeric($similar['minutes'] ?? null) ? (float) $similar['minutes'] : null;
    }

    /**
     * @param array<string, mixed>|null $season as it would be; null: as it is kept
     * @param Pace|null                 $pace   of this head, where it is known already
     */
    public static function terms(Head $head, ?array $season = null, ?Pace $pace = null): Terms
    {
        $today = self::date($head->salon->today());

        return SeasonFields::fromArray($season ?? $head->season ?? [])->readOn(self::lastRead($head), $today)->timedBy(new CareMinutes($pace ?? self::pace($head, self::core($head), $today)));
    }

    /** Whether nobody has read this hair lately; no state of it is claimed then. */
    public static function isNotReadYet(Head $head): bool
    {
        return (new Terms())->readOn(self::lastRead($head), self::date($head->salon->today()))->notReadYet;
    }

    /** The last day on which a sign of the balance was read; null: none was. */
    private static function lastRead(Head $head): ?\DateTimeImmutable
    {
        $day = $head->days()->where('was_read', true)->max('date');

        return is_string($day) ? Calendar::day(substr($day, 0, 10)) : null;
    }

    /** @return list<Remap> */
    private static function remaps(Head $head): array
    {
        $remaps = [];
        foreach ($head->zonesBefore as $before) {
            $zones = ZoneFields::fromArray($before->zones);
            if ($zones !== []) {
                $remaps[] = new Remap(self::date($before->until), $zones);
            }
        }

        return $remaps;
    }

    /** @return list<StylistBias> of those who read this head; what the salon knows of others is not the client's to take away */
    private static function biasesOf(Head $head): array
    {
        $readers = $head->readings->pluck('by')->unique();

        return array_values(array_filter(self::biases($head), fn (StylistBias $bias): bool => $readers->contains($bias->by)));
    }

    /** @return list<StylistBias> */
    private static function biases(Head $head): array
    {
        $biases = [];
        foreach (StoredBias::query()->where('salon_id', $head->salon_id)->orderBy('by')->orderBy('sign')->get() as $bias) {
            /** @var StoredBias $bias */
            $biases[] = new StylistBias($bias->by, CoreReading\Sign::from($bias->sign), $bias->mean, $bias->sd);
        }

        return $biases;
    }

    public static function washDay(WashDay $day): CoreTreatment\WashDay
    {
        return new CoreTreatment\WashDay(
            $day->key,
            self::date($day->date),
            array_values($day->steps->map(fn (WashStep $step): CoreTreatment\Step => new CoreTreatment\Step(
                CoreTreatment\StepKind::from($step->kind),
                $step->minutes,
                $step->heat,
                $step->cleanse === null ? null : CoreTreatment\CleanseKind::from($step->cleanse),
                $step->passes,
                $step->how,
                $step->tool,
                $step->millimetres,
                $step->product,
            ))->all()),
            CoreTreatment\Place::from($day->place),
            $day->approximate,
        );
    }

    public static function reading(Reading $reading): CoreReading\Reading
    {
        return new CoreReading\Reading(
            $reading->key,
            self::date($reading->date),
            CoreReading\Moment::from($reading->moment),
            $reading->test,
            $reading->raw,
            $reading->zone === null ? null : Core\Zone::from($reading->zone),
            $reading->by,
            $reading->confirmed,
        );
    }

    /** A day of the salon as the core counts days. */
    public static function date(DateTimeInterface $date): \DateTimeImmutable
    {
        return Calendar::day($date->format('Y-m-d')) ?? throw new RuntimeException("{$date->format('c')} is no day of the calendar.");
    }

    /** @return list<array<string, mixed>> */
    private static function carried(Head $head, string $name): array
    {
        $carried = $head->carried[$name] ?? [];

        return is_array($carried) ? array_values($carried) : [];
    }

    /** @return array<string, mixed>|null */
    private static function plan(Head $head): ?array
    {
        $items = $head->planItems()->where('status', 'planned')->get();

        return $items->isEmpty() ? null : ['items' => $items->map(fn (PlanItem $item): array => [
            'date' => $item->date->format('Y-m-d'),
            'steps' => $item->steps,
            'minutes' => $item->minutes,
            'reason' => implode(' ', $item->reasons),
        ])->values()->all()];
    }
}
