<?php

declare(strict_types=1);

namespace App\Care\Forms;

use App\Care\Shared\SeenFields;
use App\Models\Head;
use App\Models\ZonePart;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Zone;

/** The intake of a client as its form shows it. */
final class IntakeForm
{
    private const PLAIN = ['name', 'guardian_name', 'consent_by', 'email', 'phone', 'household', 'ring_mm', 'strand_um', 'density', 'sections', 'hardness_mg_per_l', 'humidity_percent', 'styling_load',
        'wash_every_days', 'minutes_limit', 'hair_history', 'chemical_history', 'goals', 'swims', 'bends_without_ring', 'protein_sensitive', 'sore_scalp', 'tender_edges', 'red_sign', 'asthma_or_pregnant', 'allergies', 'health_notes', 'reminded_by'];

    public static function name(Head $head): string
    {
        return "intake {$head->id}";
    }

    /** @return array<string, string> by dotted name */
    public static function fields(Head $head): array
    {
        $fields = [];
        foreach (self::PLAIN as $field) {
            $value = $head->getAttribute($field);
            $fields[$field] = is_scalar($value) ? (is_bool($value) ? (string) (int) $value : (string) $value) : '';
        }
        $fields['born_on'] = $head->born_on?->format('Y-m-d') ?? '';
        $fields['length_cm'] = $head->length_mm === null ? '' : (string) ($head->length_mm / 10);
        $fields['strand'] = $head->zoneParts->first()->strand ?? '';
        foreach (Zone::cases() as $zone) {
            $length = self::part($head, $zone, Part::Length);
            $fields["zones.{$zone->value}.length"] = $length->porosity ?? '';
            $fields["zones.{$zone->value}.root"] = self::part($head, $zone, Part::Root)->porosity ?? '';
            $fields["zones.{$zone->value}.treated"] = (string) (int) ($length->chemically_treated ?? false);
        }
        foreach (MethodQuestion::cases() as $question) {
            $fields["method.{$question->value}"] = $head->method[$question->value] ?? $question->choices()[0];
        }

        return $fields;
    }

    public static function seen(Head $head): SeenFields
    {
        return SeenFields::of(self::name($head), self::fields($head));
    }

    private static function part(Head $head, Zone $zone, Part $part): ?ZonePart
    {
        return $head->zoneParts->first(fn (ZonePart $stored): bool => $stored->zone === $zone->value && $stored->part === $part->value);
    }
}
