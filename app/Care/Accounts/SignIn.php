<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use App\Bridge\Accounts\Seats;
use App\Models\User;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\Auth;
use SensitiveParameter;

/** Lets somebody in, where they worked last. */
final readonly class SignIn
{
    /** Whoever typed the right password and not yet the code. */
    private const HALF = 'sign-in.half';

    /** Minutes for which a password waits for its code. */
    private const WAITS_MINUTES = 10;

    public function __construct(private Seats $seats, private TypedPassword $typedPassword)
    {
    }

    /** @return User|null null where address and password do not belong together, or nobody works anywhere by them */
    public function seat(string $email, #[SensitiveParameter] string $password): ?User
    {
        // It takes as long whether there is such an address or not.
        $isGood = Auth::validate(['email' => $email, 'password' => $password]);
        $account = User::query()->where('email', $email)->first();
        if (! $isGood) {
            // An address of nobody tells no salon anything.
            $account === null || activity()->performedOn($account)->log('sign-in-refused');

            return null;
        }

        return $account === null ? null : $this->first($account);
    }

    /** @return User|null where a person works, and did last; null: nowhere any more */
    public function first(User $person): ?User
    {
        return $this->seats->of($person)->first();
    }

    /** @return User|null the same person where they work in another salon; null: they do not */
    public function elsewhere(User $person, int $seat): ?User
    {
        return $this->seats->of($person)->firstWhere('id', $seat);
    }

    public function wait(Session $session, User $seat): void
    {
        $session->put(self::HALF, ['seat' => $seat->id, 'at' => now()->getTimestamp()]);
    }

    /** @return User|null who waits to type a code */
    public function waiting(Session $session): ?User
    {
        $half = $session->get(self::HALF);
        if (! is_array($half) || ! is_int($half['seat'] ?? null) || ! is_int($half['at'] ?? null)) {
            return null;
        }

        return now()->getTimestamp() - $half['at'] > 60 * self::WAITS_MINUTES
            ? null
            : User::query()->whereNull('left_at')->find($half['seat']);
    }

    /** Who goes from one salon to another has typed nothing: when the password was typed last stays as it was. */
    public function enter(Session $session, User $seat, bool $typed = false): void
    {
        $session->forget(self::HALF);
        Auth::login($seat);
        $session->regenerate();
        $seat->account()->update(['last_seat_id' => $seat->id]);
        if ($typed) {
            $this->typedPassword->now($session);
        }
        activity()->causedBy($seat)->performedOn($seat)->log('signed-in');
    }
}
