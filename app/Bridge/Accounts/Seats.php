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

    /** @return Builder<User> */
    private function rows(User $account): Builder
    {
        return User::query()->where(
            static fn (Builder $rows): Builder => $rows->whereKey($account->id)->orWhere('account_id', $account->id),
        );
    }
}
