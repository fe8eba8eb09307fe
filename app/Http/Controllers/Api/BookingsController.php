<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\Bookings;
use App\Exceptions\ApiRefusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Api\ApiBookingRequest;
use App\Http\Requests\Api\BookingListRequest;
use App\Http\Requests\Api\CancelRequest;
use App\Http\Resources\BookingResource;
use App\Http\Resources\Tagged;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The appointment book, as the salon's own pages write it: no hands are promised twice. */
final class BookingsController extends Controller
{
    public function __construct(private readonly Bookings $bookings)
    {
    }

    public function index(BookingListRequest $request): JsonResponse
    {
        $bookings = Booking::query()->with('salon')->where('salon_id', $this->salon()->id)
            ->whereBetween('date', [$request->from()->format('Y-m-d'), $request->until()->format('Y-m-d')])
            ->when($request->filled('client'), static fn ($query) => $query
                ->where('head_id', $request->string('client')->value()))
            ->orderBy('starts_at')->orderBy('id')->get();

        return new JsonResponse([
            'data' => $bookings->map(
                static fn (Booking $booking): array => (new BookingResource($booking))->toArray($request),
            )->values()->all(),
            'from' => $request->from()->format('Y-m-d'),
            'until' => $request->until()->format('Y-m-d'),
        ]);
    }

    public function show(Request $request, Booking $booking): JsonResponse
    {
        return Tagged::answer($this->resource($booking), $request);
    }

    /** @throws ApiRefusal where these hands have no room then */
    public function store(ApiBookingRequest $request): JsonResponse
    {
        $booking = $this->orRefuse(fn (): Booking => $this->bookings->take(
            $this->salon(),
            $request->client(),
            $request->service(),
            $request->stylist(),
            $request->starts()->startOfDay(),
            $request->minute(),
            $this->stylist()->currentAccessToken()->name,
            $request->drying(),
        ));

        return Tagged::answer(
            $this->resource($booking->refresh()),
            $request,
            201,
            route('api.bookings.show', $booking),
        );
    }

    /** @throws ApiRefusal where it was changed since, has begun, or there is no room */
    public function update(ApiBookingRequest $request, Booking $booking): JsonResponse
    {
        SeenVersion::orRefuse($request, $this->resource($booking));
        if ($booking->status !== BookingStatus::Booked) {
            throw ApiRefusal::because(409, Words::say('api.not-booked'));
        }
        $this->orRefuse(fn (): bool => $this->bookings->move(
            $this->salon(),
            $booking,
            $booking->sequence,
            $request->stylist(),
            $request->starts()->startOfDay(),
            $request->minute(),
            $this->stylist()->currentAccessToken()->name,
            $request->drying(),
        ));

        return Tagged::answer($this->resource($booking->refresh()), $request);
    }

    /** @throws ApiRefusal where it was changed since, or has begun */
    public function cancel(CancelRequest $request, Booking $booking): JsonResponse
    {
        SeenVersion::orRefuse($request, $this->resource($booking));
        if ($booking->status !== BookingStatus::Booked) {
            throw ApiRefusal::because(409, Words::say('api.not-booked'));
        }
        $this->orRefuse(fn () => $this->bookings->note(
            $this->salon(),
            $booking,
            $booking->sequence,
            [
                'status' => BookingStatus::Cancelled, 'because' => $request->string('because')->value(),
                'cancelled_at' => CarbonImmutable::now(),
            ],
            $this->stylist()->currentAccessToken()->name,
        ));

        return Tagged::answer($this->resource($booking->refresh()), $request);
    }

    private function resource(Booking $booking): BookingResource
    {
        return new BookingResource($booking->loadMissing('salon'));
    }

    /**
     * @template T
     *
     * @param Closure(): T $act
     *
     * @return T
     *
     * @throws ApiRefusal
     */
    private function orRefuse(Closure $act): mixed
    {
        try {
            return $act();
        } catch (BookingConflict $conflict) {
            throw ApiRefusal::because(409, $conflict->getMessage());
        }
    }
}
