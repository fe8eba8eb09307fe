<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Estimation\StylistBias;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Message;

/** What a care record says of the salon it is from, as far as it bears on one head. */
final class SalonFields
{
    /** Minutes detangling a section may take on other heads. */
    private const LEAST_A_SECTION = 0.1;
    private const MOST_A_SECTION = 120;

    /** How much a stylist's readings of a sign may scatter, as times the usual noise. */
    private const LEAST_NOISE = 0.1;
    private const MOST_NOISE = 10;

    public static function bias(RecordFields $fields): ?StylistBias
    {
        $by = $fields->string('by', '', 200);
        $sign = $fields->choice('sign', Sign::class);
        $mean = $fields->number('mean', 0, -100, 100, 'in the sign’s unit');
        $sd = $fields->number('sd', 0, 0, 100, 'in the sign’s unit');
        $noise = $fields->number('noise', 1, self::LEAST_NOISE, self::MOST_NOISE, 'times');
        $fields->nothingElse();

        return $sign === null ? null : new StylistBias($by, $sign, $mean, $sd, $noise);
    }

    /** @return float|null minutes that detangling a section takes on them */
    public static function ofSimilarHeads(RecordFields $fields): ?float
    {
        $name = 'detangle_a_section_minutes';
        $minutes = $fields->has($name)
            ? $fields->number($name, 1, self::LEAST_A_SECTION, self::MOST_A_SECTION, 'minutes')
            : $fields->nothing($name);
        $fields->nothingElse();

        return $minutes;
    }

    /** @return array<string, float> */
    public static function air(RecordFields $fields): array
    {
        $days = $fields->object('humidity_percent_by_day');
        $fields->nothingElse();
        $air = [];
        foreach ($days->names() as $day) {
            if (Calendar::day("2028-{$day}") === null) {
                $days->problem($day, Message::of('records.day-of-year'));
            }
            $air[$day] = $days->number($day, 50, 0, 100, '%');
        }

        return $air;
    }
}
