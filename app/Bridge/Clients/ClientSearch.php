<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Clients by any part of their name or number. Numbers are kept encrypted, so they are looked through one by one. */
final readonly class ClientSearch
{
    /** From so many digits on a search is one for a phone number. */
    private const LEAST_DIGITS = 3;

    private string $digits;

    public function __construct(private string $search)
    {
        $this->digits = preg_match('/^[\d\s+()\/.-]+$/', $search) === 1
            ? (string) preg_replace('/\D/', '', $search)
            : '';
    }

    public function isNumber(): bool
    {
        return strlen($this->digits) >= self::LEAST_DIGITS;
    }

    /**
     * @param Builder<Head> $heads
     *
     * @return Collection<int, Head> those that are found, by name
     */
    public function of(Builder $heads): Collection
    {
        $found = $heads
            ->when($this->search !== '' && ! $this->isNumber(), fn (Builder $query): Builder => $query->where(
                'name',
                'like',
                '%' . addcslashes($this->search, '%_\\') . '%',
            ))
            ->orderBy('name')
            ->get();

        return ! $this->isNumber() ? $found : $found->filter(fn (Head $head): bool => str_contains(
            (string) preg_replace('/\D/', '', (string) $head->phone),
            $this->digits,
        ));
    }
}
