<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\Service;
use App\Wording\ChairWorkWords;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;
use Illuminate\View\Component;

/** Trims and take-downs of a client, each with its day, its minutes and the way to book it. */
final class ChairWork extends Component
{
    /** @var list<array{what: string, because: string, when: string, minutes: string, booked: string|null, book: string|null, late: bool}> */
    public readonly array $work;

    public function __construct(public readonly Head $head)
    {
        $this->work = $this->rows();
    }

    public function shouldRender(): bool
    {
        return $this->work !== [];
    }

    public function render(): View
    {
        return view('components.chair-work');
    }

    /** @return list<array{what: string, because: string, when: string, minutes: string, booked: string|null, book: string|null, late: bool}> */
    private function rows(): array
    {
        $work = $this->head->outlook->chair_work ?? [];
        if ($work === []) {
            return [];
        }
        $today = $this->head->salon->today();
        $services = Service::query()
            ->where('salon_id', $this->head->salon_id)
            ->whereIn('does', array_column($work, 'kind'))
            ->orderBy('id')
            ->get()
            ->keyBy('does');
        $bookings = $this->bookings($services, $today);

        return array_map(function (array $one) use ($services, $bookings, $today): array {
            /** @var Service|null $service */
            $service = $services->get($one['kind']);
            $booking = $service === null ? null : $bookings->firstWhere('service', $service->name);
            $on = CarbonImmutable::parse($one['on'])->max(CarbonImmutable::parse($today->format('Y-m-d')));

            return [
                'what' => ChairWorkWords::what($one),
                'because' => ChairWorkWords::because($one),
                'when' => SalonClock::dayInWords($on, 'j M'),
                'minutes' => Words::say('chair-work.minutes', ['minutes' => (int) round($one['minutes'])]),
                'booked' => $booking instanceof Booking
                    ? Words::say('chair-work.booked', [
                        'when' => SalonClock::dayInWords(
                            $booking->starts_at->setTimezone($this->head->salon->timezone),
                            'D j M, G:i',
                        ),
                    ])
                    : null,
                'book' => $service === null || $booking instanceof Booking ? null : route('bookings.create', [
                    'head' => $this->head->id,
                    'service' => $service->id,
                    'date' => $on->format('Y-m-d'),
                ]),
                'late' => in_array('late', $one['because'], true),
            ];
        }, $work);
    }

    /**
     * @param Collection<array-key, Service> $services
     *
     * @return Collection<int, Booking> still to come
     */
    private function bookings(Collection $services, CarbonImmutable $today): Collection
    {
        return Booking::query()
            ->where('head_id', $this->head->id)
            ->whereIn('service', $services->pluck('name'))
            ->where('date', '>=', $today->format('Y-m-d'))
            ->whereIn('status', [BookingStatus::Booked, BookingStatus::Arrived, BookingStatus::UnderWay])
            ->orderBy('starts_at')
            ->get();
    }
}
