<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Bridge\Accounts\Seats;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use SensitiveParameter;

/** Asks people to join a salon, and takes in those who do. */
final readonly class Invitations
{
    private const GOOD_DAYS = 7;

    public function __construct(private Seats $seats)
    {
    }

    /** Asked twice, they have one link, good for a week from now. */
    public function ask(User $by, string $name, string $email, Role $role = Role::Stylist): Invitation
    {
        $invitation = Invitation::query()->where('salon_id', $by->salon_id)->where('email', $email)->first()
            ?? new Invitation();
        $invitation->forceFill([
            'salon_id' => $by->salon_id, 'email' => $email, 'name' => $name, 'invited_by' => $by->id,
            'role' => $role,
            'expires_at' => CarbonImmutable::now()->addDays(self::GOOD_DAYS), 'accepted_at' => null,
        ])->save();

        return $invitation;
    }

    /**
     * @return User|null null where the invitation was taken back, used or has run out, or the address belongs to
     *     somebody by now
     */
    public function accept(int $id, string $name, #[SensitiveParameter] string $password, string $language): ?User
    {
        $invitation = Invitation::query()->lockForUpdate()->find($id);
        if ($invitation === null || ! $invitation->isOpen() || $this->isTaken($invitation->email)) {
            return null;
        }
        $user = User::query()->create([
            'salon_id' => $invitation->salon_id, 'name' => $name, 'email' => $invitation->email,
            'password' => $password, 'language' => $language, 'role' => $invitation->role,
        ]);
        $invitation->update(['accepted_at' => CarbonImmutable::now()]);

        return $user;
    }

    /** @return User|null where somebody of another salon joins this one; null as above */
    public function acceptAs(int $id, User $person): ?User
    {
        // It is of a salon that is not theirs yet.
        $invitation = Invitation::query()->withoutGlobalScope('salon')->lockForUpdate()->find($id);
        if ($invitation === null || ! $invitation->isOpen() || $person->address() !== $invitation->email) {
            return null;
        }
        $seat = User::query()->create([
            'salon_id' => $invitation->salon_id, 'name' => $person->name, 'account_id' => $person->account()->id,
            'language' => $person->language, 'units' => $person->units, 'role' => $invitation->role,
            'in_several' => true,
        ])->refresh();
        User::query()->whereKey($this->seats->keys($seat))->update(['in_several' => true]);
        $invitation->update(['accepted_at' => CarbonImmutable::now()]);

        return $seat;
    }

    /** Whichever salon it is of, and whoever asks. */
    public function of(int $id): ?Invitation
    {
        return Invitation::query()->withoutGlobalScope('salon')->with('salon')->find($id);
    }

    public function isTaken(string $email): bool
    {
        return User::query()->where('email', $email)->exists();
    }
}
