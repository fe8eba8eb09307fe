<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Estimation\StrataTransition;
use Nagomi\Core\Estimation\StylistBias;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/** Writes a care record as JSON; what {@see CareRecordReader} reads back is the same record. */
final class CareRecordWriter
{
    public static function write(CareRecord $record): string
    {
        return json_encode(
            self::toArray($record),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION
                | JSON_THROW_ON_ERROR,
        )
            . "\n";
    }

    /** @return array<string, mixed> */
    public static function toArray(CareRecord $record): array
    {
        $season = PlanTermsFields::write($record->terms);

        $before = static fn (StrataTransition $remap): array => [
            'until' => $remap->date->format('Y-m-d'),
            'zones' => array_map(ZoneFields::write(...), $remap->before),
        ];

        return [
            'format' => CareRecord::FORMAT,
            'version' => CareRecord::VERSION,
            'head' => ['id' => $record->id, 'name' => $record->name] + self::head($record->head)
                + ['zones_before' => array_map($before, $record->remaps)],
            'intake' => (object) $record->intake,
            'events' => array_map(self::washDay(...), $record->washDays),
            'readings' => array_map(self::reading(...), $record->readings),
            'products' => $record->products,
            'stylist_biases' => array_map(
                static fn (StylistBias $bias): array => [
                    'by' => $bias->by,
                    'sign' => $bias->sign->value,
                    'mean' => $bias->mean,
                    'sd' => $bias->sd,
                ] + ($bias->noiseFactor === 1.0 ? [] : ['noise' => $bias->noiseFactor]),
                $record->biases,
            ),
            'plan' => $record->plan,
        ] + (
            $record->clearances === []
                ? []
                : ['clearances' => array_map(ClearanceFields::write(...), $record->clearances)]
        ) + ($record->air === []
            ? []
            : ['air' => ['humidity_percent_by_day' => $record->air]]) + ($season === []
            ? []
            : ['season' => $season]) + ($record->detangleASectionMinutes === null
            ? []
            : ['similar_heads' => ['detangle_a_section_minutes' => $record->detangleASectionMinutes]])
            + array_filter(['pace' => PaceFields::write($record->pace)]);
    }

    /** @return array<string, mixed> */
    private static function head(Head $head): array
    {
        return [
            'zones' => array_map(ZoneFields::write(...), $head->zoneParts),
            'hardness_mg_per_l' => $head->hardnessMgPerL,
            'humidity_percent' => $head->humidityPercent,
            'styling_load' => $head->load->value,
            'protein_sensitive' => $head->proteinSensitive,
            'sore_scalp' => $head->soreScalp,
            'swims' => $head->swims,
            'red_sign' => $head->redSign,
            'length_mm' => $head->lengthMm,
            'sections' => $head->sections,
            ...array_filter([
                'washing_sections' => $head->sectionsByWork->washing,
                'detangling_sections' => $head->sectionsByWork->detangling,
                'styling_sections' => $head->sectionsByWork->styling,
            ]),
            'wash_every_days' => $head->washEveryDays,
            'minutes_limit' => $head->minutesLimit,
            'method' => $head->method->choices,
        ];
    }

    /** @return array<string, mixed> */
    private static function washDay(WashDay $day): array
    {
        return [
            'id' => $day->id,
            'date' => $day->date->format('Y-m-d'),
            'place' => $day->place->value,
            'approximate' => $day->approximate,
            'steps' => array_map(self::step(...), $day->steps),
        ] + ($day->planned === null ? [] : ['planned' => array_map(self::step(...), $day->planned)]);
    }

    /** @return array<string, mixed> only what was said of the step */
    public static function step(Step $step): array
    {
        return array_filter([
            'kind' => $step->kind->value,
            'minutes' => $step->minutes,
            'heat' => $step->heat ?: null,
            'cleanse' => $step->cleanse?->value,
            'passes' => $step->passes === 1 ? null : $step->passes,
            'how' => $step->how,
            'tool' => $step->tool,
            'millimetres' => $step->millimetres,
            'product' => $step->product,
            'evening_before' => $step->eveningBefore ?: null,
            'contents' => $step->contents === null ? null : (object) BottleFields::write($step->contents),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> */
    private static function reading(Reading $reading): array
    {
        return [
            'id' => $reading->id,
            'date' => $reading->date->format('Y-m-d'),
            'moment' => $reading->moment->value,
            'test' => $reading->test,
            'raw' => $reading->raw,
            'zone' => $reading->zone?->value,
            'by' => $reading->by,
            'confirmed' => $reading->confirmed,
        ];
    }
}
