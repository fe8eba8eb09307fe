<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use Illuminate\Support\Collection;

/** What a salon can be booked for and whose hands there are, by what they are called. */
final readonly class SalonTerms
{
    /**
     * @param Collection<int, Service> $services by id
     * @param Collection<int, User>    $stylists who can be booked, by id
     */
    private function __construct(public Collection $services, public Collection $stylists)
    {
    }

    public static function of(Salon $salon): self
    {
        /** @var Collection<int, Service> $services */
        $services = Service::query()->where('salon_id', $salon->id)->orderBy('id')->get()->keyBy('id');
        /** @var Collection<int, User> $stylists */
        $stylists = User::query()
            ->where('salon_id', $salon->id)
            ->whereNull('left_at')
            ->orderBy('id')
            ->get()
            ->filter(static fn (User $user): bool => $user->role->hasHands())
            ->keyBy('id');

        return new self($services, $stylists);
    }

    /** @return string|null id of the service that is called so */
    public function service(string $word): ?string
    {
        $plain = KnownClients::plain($word);
        $found = $this->services->filter(
            static fn (Service $service): bool => KnownClients::plain($service->name) === $plain,
        );

        return $found->count() === 1 ? (string) $found->sole()->id : null;
    }

    /** @return string|null id of whoever is called so, whole or by a first name nobody else has; or who is alone */
    public function stylist(string $word): ?string
    {
        if ($word === '' && $this->stylists->count() === 1) {
            return (string) $this->stylists->sole()->id;
        }
        $plain = KnownClients::plain($word);
        foreach (
            [
                static fn (User $user): bool => KnownClients::plain($user->name) === $plain,
                static fn (User $user): bool => KnownClients::plain(explode(' ', $user->name)[0]) === $plain,
            ] as $isCalledSo
        ) {
            $found = $this->stylists->filter($isCalledSo);
            if ($found->count() === 1) {
                return (string) $found->sole()->id;
            }
        }

        return null;
    }
}
