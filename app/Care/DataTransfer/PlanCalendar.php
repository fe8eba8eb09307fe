<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Bridge\Plans\Outlooks;
use App\Models\Head;
use App\Models\PlanItem;
use App\Wording\Said;
use App\Wording\StepWords;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Sabre\VObject\Component\VCalendar;

/** The plan of a head as an iCalendar file (RFC 5545), one event a wash day, the whole day long. */
final readonly class PlanCalendar
{
    public function __construct(
        private Outlooks $outlooks,
    ) {
    }

    public function of(Head $head): string
    {
        $this->outlooks->current($head->load(['salon', 'outlook']));
        $calendar = new VCalendar([
            'PRODID' => '-//Nagomi//Season//EN',
            'METHOD' => 'PUBLISH',
            'X-WR-CALNAME' => Words::say('data-transfer.calendar-of', ['name' => $head->name]),
        ]);
        $calendar->remove('CALSCALE');
        $calendar->add('CALSCALE', 'GREGORIAN');
        /** @var Collection<int, PlanItem> $items */
        $items = $head->planItems()->whereIn('status', ['planned', 'cancelled'])->get();
        foreach ($items as $item) {
            $calendar->add('VEVENT', $this->event($head, $item));
        }

        return (string) $calendar->serialize();
    }

    /** @return array<string, mixed> */
    private function event(Head $head, PlanItem $item): array
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
                ...Said::all($item->reasons),
            ]),
            'STATUS' => $item->status === 'cancelled' ? 'CANCELLED' : 'CONFIRMED',
            'TRANSP' => 'TRANSPARENT',
        ] + $this->days($item);
    }

    /** @return array<string, mixed> a day is a date without a time, so no clock change can move it */
    private function days(PlanItem $item): array
    {
        return [
            'DTSTART;VALUE=DATE' => $item->date->format('Ymd'),
            'DTEND;VALUE=DATE' => $item->date->addDay()->format('Ymd'),
        ];
    }
}
