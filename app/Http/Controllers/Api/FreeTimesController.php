<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Controllers\Controller;
use App\Http\Requests\Api\BookingListRequest;
use App\Pages\Today\BookingScreen;
use App\Wording\SalonClock;
use Illuminate\Http\JsonResponse;

/** When a client can come for a service: what whoever books by hand is offered, of seven days from one on. */
final class FreeTimesController extends Controller
{
    public function __construct(private readonly BookingScreen $bookingScreen)
    {
    }

    public function __invoke(BookingListRequest $request): JsonResponse
    {
        $salon = $this->salon();
        $page = $this->bookingScreen->asked($salon, array_filter([
            'head' => $request->string('client')->value(), 'service' => $request->string('service')->value(),
            'date' => $request->from()->format('Y-m-d'), 'with' => $request->string('stylist')->value(),
        ]));
        $times = [];
        foreach ($page->days as $day) {
            foreach ($day->times as $time) {
                $times[] = [
                    'starts_at' => SalonClock::moment($salon, $day->date->format('Y-m-d'), $time->minute)
                        ?->setTimezone($salon->timezone)->toIso8601String(),
                    'stylist' => $time->user,
                    'leaves_unusable_minutes' => $time->lost,
                    'is_planned_day' => $day->isPlanned,
                ];
            }
        }
        usort($times, static fn (array $one, array $other): int => $one['starts_at'] <=> $other['starts_at']);

        return new JsonResponse(['data' => $times, 'minutes' => $page->quote?->minutes]);
    }
}
