<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Head;
use App\Models\ZonePart;
use App\Pages\Shared\SeenFields;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Zone;

/** The intake of a client as its form shows it. */
final readonly class ClientForm
{
    private const PLAIN = [
        'name', 'guardian_name', 'consent_by', 'email', 'phone', 'household', 'ring_mm', 'strand_um', 'density',
        'sections', 'washing_sections', 'detangling_sections', 'styling_sections',
        'hardness_mg_per_l', 'humidity_percent', 'styling_load', 'wash_every_days', 'minutes_limit',
        'hair_history', 'chemical_history', 'overloaded_by', 'goals', 'swims', 'bends_without_ring',
        'protein_sensitive', 'sore_scalp', 'tender_edges', 'red_sign', 'asthma_or_pregnant', 'allergies',
        'health_notes', 'reminded_by', 'language',
    ];

    public function name(Head $head): string
    {
        return "intake {$head->id}";
    }

    /** @return array<string, string> by dotted name */
    public function fields(Head $head): array
    {
        $fields = [];
        foreach (self::PLAIN as $field) {
            $value = $head->getAttribute($field);
            $fields[$field] = is_scalar($value) ? (is_bool($value) ? (string) (int) $value : (string) $value) : '';
        }
        $fields['born_on'] = $head->born_on?->format('Y-m-d') ?? '';
        $fields['overloaded_on'] = $head->overloaded_on?->format('Y-m-d') ?? '';
        $fields['length_cm'] = $head->length_mm === null ? '' : (string) ($head->length_mm / 10);
        $fields['strand'] = $head->zoneParts->first()->strand ?? '';
        foreach (Zone::cases() as $zone) {
            $length = $this->part($head, $zone, Part::Length);
            $fields["zones.{$zone->value}.length"] = $length->porosity ?? '';
            $fields["zones.{$zone->value}.root"] = $this->part($head, $zone, Part::Root)->porosity ?? '';
            $fields["zones.{$zone->value}.treated"] = (string) (int) ($length->chemically_treated ?? false);
        }
        foreach (MethodQuestion::cases() as $question) {
            $fields["method.{$question->value}"] = $head->method[$question->value] ?? $question->choices()[0];
        }

        return $fields;
    }

    public function seen(Head $head): SeenFields
    {
        return SeenFields::of($this->name($head), $this->fields($head));
    }

    private function part(Head $head, Zone $zone, Part $part): ?ZonePart
    {
        return $head->zoneParts->first(
            fn (ZonePart $stored): bool => $stored->zone === $zone->value && $stored->part === $part->value,
        );
    }
}
