<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Controllers\Controller;
use App\Models\Service;
use App\Models\TokenAbility;
use App\Models\User;
use Illuminate\Http\JsonResponse;

/** Whose token it is, what it may, and what there is to be booked. */
final class ApiSalonController extends Controller
{
    public function show(): JsonResponse
    {
        $token = $this->stylist()->currentAccessToken();
        $salon = $this->salon();

        return new JsonResponse(['data' => [
            'salon' => $salon->name,
            'timezone' => $salon->timezone,
            'currency' => $salon->currency,
            'today' => $salon->today()->format('Y-m-d'),
            'program' => $token->name,
            'abilities' => array_map(static fn (TokenAbility $may): string => $may->value, $token->may()),
            'expires_at' => $token->expires_at->toIso8601ZuluString(),
        ]]);
    }

    public function services(): JsonResponse
    {
        $services = Service::query()->where('salon_id', $this->salon()->id)->orderBy('id')->get();

        return new JsonResponse(['data' => $services->map(fn (Service $service): array => [
            'id' => $service->id, 'name' => $service->name, 'is_wash_day' => $service->is_wash_day,
            'usual_minutes' => $service->minutes, 'price_cents' => $service->price_cents,
            'deposit_cents' => $service->deposit_cents, 'currency' => $this->salon()->currency,
        ])->values()->all()]);
    }

    public function stylists(): JsonResponse
    {
        $people = User::query()->where('salon_id', $this->salon()->id)->whereNull('left_at')->orderBy('id')->get();

        return new JsonResponse(['data' => $people
            ->filter(static fn (User $user): bool => $user->role->hasHands())
            ->map(static fn (User $user): array => ['id' => $user->id, 'name' => $user->name])
            ->values()->all()]);
    }
}
