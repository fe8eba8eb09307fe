<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Reading;
use App\Models\WashDay;
use App\Models\WashStep;
use App\Models\ZonePart;
use DateTimeInterface;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Head as Core;
use Nagomi\Core\Reading as CoreReading;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Treatment as CoreTreatment;
use RuntimeException;

/** Turns a stored head into the core's care record. */
final class HeadRecord
{
    private const RELATIONS = ['zoneParts', 'washDays.steps', 'readings'];

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
            self::carried($head, 'stylist_biases'),
            self::plan($head),
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
        );
    }

    private static function washDay(WashDay $day): CoreTreatment\WashDay
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

    private static function reading(Reading $reading): CoreReading\Reading
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
