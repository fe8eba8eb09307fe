<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use InvalidArgumentException;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\WeekTime;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Message;

/** The time there is by weekday as it stands in a care record: minutes by mon to sun, 0 where hair is not washed. */
final class WeekFields
{
    public static function read(RecordFields $fields): WeekTime
    {
        $minutes = [];
        foreach (WeekTime::NAMES as $weekday => $name) {
            if ($fields->has($name)) {
                $minutes[$weekday] = $fields->integer($name, 0, 0, WeekTime::MOST_MINUTES, 'minutes');
            }
            $fields->asked($name);
        }
        $fields->nothingElse();
        try {
            return new WeekTime($minutes);
        } catch (InvalidArgumentException $wrong) {
            $fields->refused('', $wrong);

            return new WeekTime();
        }
    }

    /** @return array<string, int> longest wash day in minutes, of days in the salon, by Y-m-d */
    public static function dates(RecordFields $fields): array
    {
        $dates = [];
        foreach ($fields->names() as $name) {
            $minutes = $fields->integer($name, 60, Head::LEAST_MINUTES_LIMIT, WeekTime::MOST_MINUTES, 'minutes');
            if (Calendar::day($name) === null) {
                $fields->problem($name, Message::of('records.any-day'));
                continue;
            }
            $dates[$name] = $minutes;
        }

        return $dates;
    }

    /** @return array<string, int> only what was said */
    public static function write(WeekTime $week): array
    {
        $written = [];
        foreach (WeekTime::NAMES as $weekday => $name) {
            if (isset($week->minutes[$weekday])) {
                $written[$name] = $week->minutes[$weekday];
            }
        }

        return $written;
    }
}
