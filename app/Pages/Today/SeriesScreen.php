<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\SalonSchedule;
use App\Bridge\Scheduling\ServiceQuotes;
use App\Models\Booking;
use App\Models\Service;
use App\Models\User;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Scheduling\WorkSegment;
use Nagomi\Core\WashDay\DryingMethod;

/** Finds a time for every so many weeks: the same one, else the nearest, on that day or one beside it. */
final readonly class SeriesScreen
{
    public const MOST_WEEKS = 26;
    public const MOST_TIMES = 13;
    private const USUAL_WEEKS = 4;
    private const USUAL_TIMES = 4;

    /** Days beside the wished one, in the order they are looked at. */
    private const DAYS_ASIDE = [0, 1, -1, 2, -2, 3, -3];

    /** Minutes of another hour that weigh as much as another day, and as other hands. */
    private const ANOTHER_DAY_MINUTES = 120;
    private const OTHER_HANDS_MINUTES = 60;

    public function __construct(
        private OfferedDays $offeredDays,
        private SalonSchedule $salonSchedule,
        private ServiceQuotes $serviceQuotes,
    ) {
    }

    public function of(Booking $booking, ?int $weeks, ?int $times): SeriesPage
    {
        $booking->loadMissing(['salon', 'head', 'user']);
        $weeks = min(self::MOST_WEEKS, max(1, $weeks ?? self::USUAL_WEEKS));
        $times = min(self::MOST_TIMES, max(2, $times ?? self::USUAL_TIMES));
        $service = Service::query()
            ->where('salon_id', $booking->salon_id)
            ->where('name', $booking->service)
            ->first();
        $stylists = $this->salonSchedule->stylists($booking->salon);
        $days = [];
        for ($i = 1; $service !== null && $i < $times; $i++) {
            $wished = CarbonImmutable::parse($booking->date->format('Y-m-d'), $booking->salon->timezone)
                ->addWeeks($i * $weeks);
            $days[] = $this->day($booking, $service, $wished, $stylists);
        }

        return new SeriesPage(
            $booking,
            SalonClock::inWords(SalonClock::minute($booking->salon, $booking->date, $booking->starts_at)),
            $weeks,
            $times,
            $days,
        );
    }

    /** @param Collection<int, User> $stylists by key */
    private function day(Booking $booking, Service $service, CarbonImmutable $wished, Collection $stylists): SeriesDay
    {
        $drying = DryingMethod::tryFrom($booking->drying ?? '');
        $stretches = $this->serviceQuotes->of($booking->head, $service, $wished, $drying)->stretches;
        $minute = SalonClock::minute($booking->salon, $booking->date, $booking->starts_at);
        [$best, $least, $date] = [null, INF, $wished];
        foreach (self::DAYS_ASIDE as $aside) {
            $away = self::ANOTHER_DAY_MINUTES * abs($aside);
            if ($away >= $least) {
                break;
            }
            foreach ($this->times($booking, $wished->addDays($aside), $stretches) as $time) {
                $off = $away + abs($time->minute - $minute)
                    + ($time->user === $booking->user_id ? 0 : self::OTHER_HANDS_MINUTES);
                if ($off < $least) {
                    [$best, $least, $date] = [$time, $off, $wished->addDays($aside)];
                }
            }
        }

        return new SeriesDay(
            $wished,
            $date,
            $best,
            $best === null ? '' : explode(' ', $stylists->get($best->user)->name ?? '')[0],
            self::note($booking, $wished, $date, $best, $minute),
        );
    }

    /**
     * @param non-empty-list<WorkSegment> $stretches
     *
     * @return list<OfferedTime>
     */
    private function times(Booking $booking, CarbonImmutable $date, array $stretches): array
    {
        if ($date->lessThan($booking->salon->today())) {
            return [];
        }
        $days = $this->offeredDays->of(
            $booking->salon,
            $booking->head,
            $date,
            $stretches,
            new BookingWish(isOneDay: true),
            null,
        );

        return $days === [] ? [] : $days[0]->times;
    }

    private static function note(
        Booking $booking,
        CarbonImmutable $wished,
        CarbonImmutable $date,
        ?OfferedTime $best,
        int $minute,
    ): string {
        return match (true) {
            $best === null => Words::say('series.none'),
            ! $date->equalTo($wished) => Words::say(
                'series.another-day',
                ['day' => SalonClock::dayInWords($wished, 'D j M')],
            ),
            $best->minute !== $minute => Words::say('series.another-hour', ['time' => SalonClock::inWords($minute)]),
            $best->user !== $booking->user_id => Words::say('series.other-hands', [
                'who' => explode(' ', $booking->user->name)[0],
            ]),
            default => '',
        };
    }
}
