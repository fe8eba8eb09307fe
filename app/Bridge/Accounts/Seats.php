<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Where one person works: a row for each salon. */
final readonly class Seats
{
    /** @return Collection<int, User> those that were not left, the one they worked at last first */
    public function of(User $person): Collection
    {
        $account = $person->account();

        /** @var Collection<int, User> */
        return $this->rows($account)->whereNull('left_at')->with('holder')->orderBy('id')->get()
            ->sortBy(static fn (User $seat): int => $seat->id === $account->last_seat_id ? 0 : 1)->values();
    }

    /** @return list<int> of all rows of a person, those that were left as well */
    public function keys(User $person): array
    {
        return array_values($this->rows($person->account())->get(['id', 'salon_id'])->map(
            static fn (User $seat): int => $seat->id,
        )->all());
    }

    /** @return list<int> of the people of a salon, those who work in another one as well */
    public function elsewhere(int $salonId): array
    {
        $account = static fn (User $seat): int => $seat->account_id ?? $seat->id;
        $here = User::query()->where('salon_id', $salonId)->get(['id', 'salon_id', 'account_id']);
        $accounts = $here->map($account)->unique()->values();
        $others = User::query()->whereNull('left_at')->where('salon_id', '!=', $salonId)->where(
            static fn (Builder $rows): Builder => $rows->whereKey($accounts)->orWhereIn('account_id', $accounts),
        )->get(['id', 'salon_id', 'account_id'])->map($account);

        return array_values($here->filter(static fn (User $seat): bool => $others->contains($account($seat)))
            ->map(static fn (User $seat): int => $seat->id)->all());
    }

    /** @return Builder<User> */
    private function rows(User $account): Builder
    {
        return User::query()->where(
            static fn (Builder $rows): Builder => $rows->whereKey($account->id)->orWhere('account_id', $account->id),
        );
    }
}
