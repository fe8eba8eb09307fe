<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Clients\UnseenClients;
use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\BookingExchange;
use App\Care\Scheduling\Bookings;
use App\Care\Scheduling\BookingSeries;
use App\Http\Requests\BillRequest;
use App\Http\Requests\BookingExchangeRequest;
use App\Http\Requests\BookingNoteRequest;
use App\Http\Requests\BookingRequest;
use App\Http\Requests\CallerRequest;
use App\Http\Requests\VisitTimesRequest;
use App\Models\Booking;
use App\Models\Head;
use App\Pages\Today\BookingScreen;
use App\Wording\ClientName;
use App\Wording\SalonClock;
use App\Wording\Words;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

final class BookingController extends Controller
{
    public function __construct(
        private readonly BookingScreen $bookingScreen,
        private readonly BookingExchange $bookingExchange,
        private readonly BookingSeries $bookingSeries,
        private readonly Bookings $bookings,
        private readonly UnseenClients $unseenClients,
    ) {
    }

    public function create(Request $request): View
    {
        return view('today.book', $this->bookingScreen->asked($this->salon(), $request->query->all()));
    }

    /** Whoever calls is in the book with a name and a number, and booked on the same page. */
    public function caller(CallerRequest $request): RedirectResponse
    {
        $head = $this->unseenClients->caller(
            $this->salon(),
            $request->name(),
            $request->phone(),
            $request->boolean('written_to'),
            $request->language(),
        ) ?? throw ValidationException::withMessages([
            'name' => Words::say('booking.caller.there', ['name' => $request->name()]),
        ]);

        return redirect()->route('bookings.create', array_filter([
            'head' => $head->id, 'service' => $request->input('service'), 'date' => $request->input('date'),
        ]))->with('said', Words::say('booking.caller.said', ['name' => ClientName::shown($head->name)]));
    }

    public function store(BookingRequest $request): RedirectResponse
    {
        $head = Head::query()->findOrFail($request->string('head')->value());
        $booking = $this->orSay(
            fn (): Booking => $this->bookings->take(
                $this->salon(),
                $head,
                $request->service(),
                $request->stylist(),
                $request->day(),
                $request->minute(),
                $this->stylist()->name,
                $request->drying(),
            ),
        );

        return redirect()->route(
            'today',
            ['date' => $booking->date->format('Y-m-d')],
        )->with('said', Words::say('said.booking.store', ['name' => ClientName::shown($head->name)]));
    }

    public function show(Booking $booking): View
    {
        return view('today.booking', $this->bookingScreen->of($booking));
    }

    public function update(BookingRequest $request, Booking $booking): RedirectResponse
    {
        $isTold = $this->orSay(
            fn (): bool => $this->bookings->move(
                $this->salon(),
                $booking,
                $request->integer('sequence'),
                $request->stylist(),
                $request->day(),
                $request->minute(),
                $this->stylist()->name,
                $request->dryingOf($booking),
            ),
        );

        return redirect()->route(
            'today',
            ['date' => $request->day()->format('Y-m-d')],
        )->with('said', Words::say('booking.exchange.moved', [
            'name' => ClientName::shown($booking->head->name),
            'who' => $request->stylist()->name,
            'time' => SalonClock::inWords($request->minute()),
        ]) . ' ' . Words::say($isTold ? 'booking.exchange.and-told' : 'booking.exchange.tell'));
    }

    /** Two clients of a day exchange their times. */
    public function exchange(BookingExchangeRequest $request, Booking $booking): RedirectResponse
    {
        $other = $request->other();
        $this->orSay(
            fn () => $this->bookingExchange->of(
                $this->salon(),
                $booking,
                $request->integer('sequence'),
                $other,
                $request->integer('other_sequence'),
                $this->stylist()->name,
            ),
        );

        return redirect()->route('today', ['date' => $booking->date->format('Y-m-d')])->with(
            'said',
            Words::say('booking.exchanged.said', [
                'one' => ClientName::shown($booking->head->name), 'other' => ClientName::shown($other->head->name),
            ]),
        );
    }

    /** When it began and ended, where nobody tapped it at the time. */
    public function times(VisitTimesRequest $request, Booking $booking): RedirectResponse
    {
        $this->keep($request, $booking, [
            'begun_at' => $request->began($booking), 'ended_at' => $request->ended($booking),
        ]);

        return redirect()->route('bookings.show', $booking)->with('said', Words::say('booking.times.said'));
    }

    /** What it costs, what is taken off, and how it stands with the deposit. */
    public function bill(BillRequest $request, Booking $booking): RedirectResponse
    {
        $this->keep($request, $booking, $request->columns($booking));

        return redirect()->to(route('bookings.show', $booking) . '#price')
            ->with('said', $this->bookingScreen->saidOfPrice($booking->refresh()));
    }

    public function note(BookingNoteRequest $request, Booking $booking): RedirectResponse
    {
        if ($request->string('what')->value() === 'cancel' && $request->boolean('following')) {
            return $this->cancelFrom($request, $booking);
        }
        $this->keep($request, $booking, $request->columns($booking));
        $undo = ['undo' => route('bookings.unsay', [$booking, $booking->sequence + 1])];
        if ($request->string('what')->value() === 'begin' && $booking->is_wash_day) {
            return redirect()
                ->route('clients.wash', $booking->head_id)
                ->with($undo + ['said' => Words::say('said.booking.note')]);
        }

        // What was done in the chair counts once it is in the record.
        $done = $request->string('what')->value() === 'through' ? $this->bookings->does($booking) : null;
        if ($done !== null) {
            return redirect()->route(
                $done === 'trim' ? 'clients.wash-days' : 'clients.style',
                $booking->head_id,
            )->with($undo + [
                'said' => $request->said($booking) . ' ' . Words::say("chair-work.through.{$done}"),
            ]);
        }

        return redirect()
            ->route('today', ['date' => $booking->date->format('Y-m-d')])
            ->with($undo + ['said' => $request->said($booking)]);
    }

    /** What was said last of it is taken back, where nothing was changed since. */
    public function unsay(Booking $booking, string $said): RedirectResponse
    {
        $this->orSay(
            fn () => $this->bookings->unsay($this->salon(), $booking, (int) $said, $this->stylist()->name),
        );

        return redirect()
            ->route('today', ['date' => $booking->date->format('Y-m-d')])
            ->with('said', Words::say('said.booking-note.unsaid'));
    }

    /** @param array<string, mixed> $columns what changes with it */
    private function keep(Request $request, Booking $booking, array $columns): void
    {
        $this->orSay(fn () => $this->bookings->note(
            $this->salon(),
            $booking,
            $request->integer('sequence'),
            $columns,
            $this->stylist()->name,
        ));
    }

    private function cancelFrom(BookingNoteRequest $request, Booking $booking): RedirectResponse
    {
        $more = $this->orSay(
            fn (): int => $this->bookingSeries->cancelFrom(
                $this->salon(),
                $booking,
                $request->integer('sequence'),
                $request->columns($booking),
                $this->stylist()->name,
            ),
        );

        return redirect()
            ->route('today', ['date' => $booking->date->format('Y-m-d')])
            ->with('said', trans_choice('series.cancelled', $more));
    }

    /**
     * What cannot be is said at the form, with what was typed still in it.
     *
     * @template T
     *
     * @param Closure(): T $act
     *
     * @return T
     *
     * @throws ValidationException
     */
    private function orSay(Closure $act): mixed
    {
        try {
            return $act();
        } catch (BookingConflict $conflict) {
            throw ValidationException::withMessages(['time' => $conflict->getMessage()]);
        }
    }
}
