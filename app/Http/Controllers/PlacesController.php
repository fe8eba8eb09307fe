<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pages\Today\PlacedClients;
use App\Pages\Today\PlacesScreen;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Where a client fits into a day, for whoever moves them on its picture. */
final class PlacesController extends Controller
{
    public function __construct(
        private readonly PlacedClients $placedClients,
        private readonly PlacesScreen $placesScreen,
    ) {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $salon = $this->salon();
        $date = (SalonClock::day($salon, $request->string('date')->value()) ?? $salon->today())->max($salon->today());
        $client = $this->placedClients->asked($salon, $date, $request->query->all());
        if ($client === null) {
            // Refused with its reason: what is not there at all would be said in the words of any page.
            $isAsked = $request->hasAny(['booking', 'head']);

            return response()->json(['message' => Words::say('booking.places.nobody')], $isAsked ? 422 : 200);
        }
        $slot = $request->string('at')->value();
        if ($slot === '') {
            return response()->json($this->placesScreen->of($salon, $date, $client)->toArray());
        }
        $says = $this->placesScreen->effect($salon, $date, $client, $slot);

        return response()->json(
            $says === null ? ['message' => Words::say('booking.places.taken')] : ['says' => $says],
            $says === null ? 422 : 200,
        );
    }
}
