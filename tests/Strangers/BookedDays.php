<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Pages\HomeRoutine\HomeRoutines;
use DateTimeImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\WashDay\DryingMethod;

/** A wash day that is booked is one truth: of the plan, at home, at the desk; and no treatment stands in it twice. */
final readonly class BookedDays
{
    public function __construct(private StrangersTestCase $test)
    {
    }

    public function areOneTruth(Head $head): void
    {
        $head = Head::query()->with(['salon', 'outlook'])->findOrFail($head->id);
        $bookings = Booking::query()
            ->where('head_id', $head->id)
            ->where('is_wash_day', true)
            ->whereIn('status', BookingStatus::open())
            ->where('date', '>=', $head->salon->today()->format('Y-m-d'))
            ->get();
        $items = $head->planItems()->where('status', 'planned')->orderBy('date')->get();
        $dates = array_map(static fn (PlanItem $item): string => $item->date->format('Y-m-d'), $items->all());
        foreach ($bookings as $booking) {
            $date = $booking->date->format('Y-m-d');
            if (! in_array($date, $this->washed($head), true)) {
                expect($dates)->toContain($date);
                $this->standsAlone($head, $date, $dates);
            }
            $home = array_map(
                static fn (array $day): string => $day['date']->format('Y-m-d'),
                app(HomeRoutines::class)->of($head)->days,
            );
            expect($home)->not->toContain($date, 'a wash day in the salon is told at home');
            $drying = DryingMethod::tryFrom($booking->drying ?? '');
            $quote = app(ServiceQuotes::class)
                ->of($head, $this->test->service('Wash day'), $booking->date, $drying);
            $item = $items->first(static fn (PlanItem $item): bool => $item->date->format('Y-m-d') === $date);
            if ($booking->drying !== null && $item !== null) {
                expect($item->parts['by'] ?? null)->toBe($booking->drying, 'dried otherwise in the plan');
            }
            expect($booking->asks_minutes ?? $booking->minutes)->toBe($quote->minutes, 'booked as the plan was before');
        }
        $this->strongProteinApart($head, $items->all());
    }

    /** @param list<string> $dates of the plan */
    private function standsAlone(Head $head, string $date, array $dates): void
    {
        $said = is_array($head->season['salon_days'] ?? null) ? $head->season['salon_days'] : [];
        $apart = intdiv($this->rhythm($head), 2);
        foreach (array_diff($dates, [$date], $said) as $other) {
            $days = abs(self::daysBetween($date, $other));
            expect($days)->toBeGreaterThan($apart, "washed on {$other}, booked on {$date}");
        }
    }

    /** @return int days between two wash days, the fewest that anything asks for; near is three days at most */
    private function rhythm(Head $head): int
    {
        $wishes = is_array($head->season['wishes'] ?? null) ? $head->season['wishes'] : [];
        $asked = array_filter([
            $head->wash_every_days, $head->outlook->scalp['rhythm']['days'] ?? null,
            ...array_map(static fn (array $wish): ?int => $wish['days'] ?? null, array_values($wishes)),
        ], is_int(...));

        return min(7, ...$asked);
    }

    /** @param array<PlanItem> $items */
    private function strongProteinApart(Head $head, array $items): void
    {
        $least = app(Parameters::class)->planning->strongProteinApartDays;
        $last = null;
        foreach ($head->washDays()->with('steps')->reorder()->orderBy('date')->get() as $washDay) {
            $last = $washDay->steps->contains('kind', 'strong-protein') ? $washDay->date->format('Y-m-d') : $last;
        }
        foreach ($items as $item) {
            if (! in_array('strong-protein', array_column($item->steps, 'kind'), true)) {
                continue;
            }
            $date = $item->date->format('Y-m-d');
            if ($last !== null && $item->by_hand === null && $item->broken === []) {
                expect(self::daysBetween($last, $date))
                    ->toBeGreaterThanOrEqual($least, "strong protein again on {$date}");
            }
            $last = $date;
        }
    }

    /** @return list<string> */
    private function washed(Head $head): array
    {
        return array_values(array_map(
            static fn ($day): string => substr((string) $day, 0, 10),
            $head->washDays()->reorder()->pluck('date')->all(),
        ));
    }

    private static function daysBetween(string $from, string $to): int
    {
        return (int) (new DateTimeImmutable($from))->diff(new DateTimeImmutable($to))->format('%r%a');
    }
}
