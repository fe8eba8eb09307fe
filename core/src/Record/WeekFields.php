<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use InvalidArgumentException;
use Nagomi\Core\Planning\WeekTime;

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
            $fields->problem('', lcfirst($wrong->getMessage()));

            return new WeekTime();
        }
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
