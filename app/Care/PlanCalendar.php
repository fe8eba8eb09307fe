<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Head;
use App\Models\PlanItem;
use Illuminate\Support\Collection;
use Sabre\VObject\Component\VCalendar;

/** The plan of a head as an iCalendar file (RFC 5545), one event a wash day, the whole day long. */
final class PlanCalendar
{
    public static function of(Head $head): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Nagomi//Season//EN', 'METHOD' => 'PUBLISH', 'X-WR-CALNAME' => "Wash days of {$head->name}"]);
        $calendar->remove('CALSCALE');
        $calendar->add('CALSCALE', 'GREGORIAN');
        /** @var Collection<int, PlanItem> $items */
        $items = $head->planItems()->whereIn('status', ['planned', 'cancelled'])->get();
        foreach ($items as $item) {
            $calendar->add('VEVENT', self::event($head, $item));
        }

        return (string) $calendar->serialize();
    }

    /** @return array<string, mixed> */
    private static function event(Head $head, PlanItem $item): array
    {
        return [
            'UID' => $item->uid,
            'SEQUENCE' => $item->sequence,
            'DTSTAMP' => $item->updated_at->utc(),
            'LAST-MODIFIED' => $item->updated_at->utc(),
            'SUMMARY' => $head->name . ': ' . StepWords::summary($item->steps),
            'DESCRIPTION' => implode("\n", [
                'About ' . (int) round($item->minutes) . ' minutes.',
                ...array_map(StepWords::line(...), $item->steps),
                '',
                ...$item->reasons,
            ]),
            'STATUS' => $item->status === 'cancelled' ? 'CANCELLED' : 'CONFIRMED',
            'TRANSP' => 'TRANSPARENT',
        ] + self::days($item);
    }

    /** @return array<string, mixed> a day is a date without a time, so no clock change can move it */
    private static function days(PlanItem $item): array
    {
        return [
            'DTSTART;VALUE=DATE' => $item->date->format('Ymd'),
            'DTEND;VALUE=DATE' => $item->date->addDay()->format('Ymd'),
        ];
    }
}
