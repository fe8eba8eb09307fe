<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use DateTimeImmutable;
use Nagomi\Core\WashDay\DriedDay;
use Nagomi\Core\WashDay\PaceHistory;
use Nagomi\Core\Wording\Message;

/** What was dried by the clock, and when styles came down, in a care record. */
final class PaceFields
{
    public static function read(RecordFields $fields): PaceHistory
    {
        $takenDown = $fields->dates('taken_down');
        $dried = array_values(array_filter(array_map(self::dried(...), $fields->objects('dried'))));
        $fields->nothingElse();

        return new PaceHistory($dried, $takenDown);
    }

    private static function dried(RecordFields $fields): ?DriedDay
    {
        $date = $fields->date('date');
        $by = $fields->string('by', 'air');
        $minutes = $fields->number(
            'minutes',
            DriedDay::LEAST_MINUTES,
            DriedDay::LEAST_MINUTES,
            DriedDay::MOST_MINUTES,
            'minutes',
        );
        $isHeavy = $fields->boolean('heavy');
        $fields->nothingElse();
        if (! in_array($by, DriedDay::WAYS, true)) {
            $fields->problem('by', Message::of('records.one-of', choices: DriedDay::WAYS));

            return null;
        }

        return $date === null ? null : new DriedDay($date, $by, $minutes, $isHeavy);
    }

    /** @return array<string, mixed> only what there is */
    public static function write(PaceHistory $history): array
    {
        return array_filter([
            'dried' => array_map(static fn (DriedDay $day): array => [
                'date' => $day->date->format('Y-m-d'),
                'by' => $day->by,
                'minutes' => $day->minutes,
                'heavy' => $day->isHeavy,
            ], $history->dried),
            'taken_down' => array_map(
                static fn (DateTimeImmutable $on): string => $on->format('Y-m-d'),
                $history->takenDown,
            ),
        ]);
    }
}
