<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Wording\Message;

/** The zones of a head as they stand in a care record, read and written. */
final class ZoneFields
{
    /** @return list<ZonePart> none where something is wrong; the problems say what */
    public static function read(RecordFields $fields, RecordProblems $problems): array
    {
        $before = $problems->count();
        $parts = [];
        foreach ($fields->objects('zones') as $zone) {
            $where = $zone->choice('zone', Zone::class);
            $part = $zone->choice('part', Part::class, Part::Length);
            $porosity = $zone->choice('porosity', Porosity::class, Porosity::NotMeasured);
            $strand = $zone->choice('strand', StrandDiameter::class, StrandDiameter::NotMeasured);
            $treated = $zone->boolean('chemically_treated');
            $zone->nothingElse();
            if ($where !== null && $part !== null && $porosity !== null && $strand !== null) {
                $key = "{$where->value} {$part->value}";
                if (isset($parts[$key])) {
                    $zone->problem('', Message::of('records.zone-twice', part: $part->value, zone: $where->value));
                }
                $parts[$key] = new ZonePart($where, $part, $porosity, $strand, $treated);
            }
        }
        if ($parts === [] && $problems->count() === $before) {
            $fields->problem('zones', Message::of('records.no-zone'));
        }

        return $problems->count() > $before ? [] : array_values($parts);
    }

    /**
     * @param array<mixed> $zones as written by {@see self::write}
     *
     * @return list<ZonePart>
     *
     * @throws InvalidRecord
     */
    public static function fromArray(array $zones): array
    {
        $problems = new RecordProblems();
        $parts = self::read(new RecordFields(['zones' => $zones], '', $problems), $problems);
        $problems->throwIfAny();

        return $parts;
    }

    /** @return array<string, mixed> */
    public static function write(ZonePart $part): array
    {
        return [
            'zone' => $part->zone->value,
            'part' => $part->part->value,
            'porosity' => $part->porosity->value,
            'strand' => $part->strand->value,
            'chemically_treated' => $part->chemicallyTreated,
        ];
    }
}
