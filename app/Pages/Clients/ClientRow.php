<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Head;

/** A client in the list: who it is, and why now or when next. */
final readonly class ClientRow
{
    /**
     * @param list<string> $is the filters the client stands under, beside all; what matters most first
     * @param string $when  in a few words; '' where nothing is planned
     * @param string $also  minutes, or the sign; '' nothing
     */
    public function __construct(
        public Head $head,
        public array $is,
        public string $when,
        public string $also,
    ) {
    }

    public function isDue(): bool
    {
        return ($this->is[0] ?? '') === 'due';
    }

    public function isLookedAtFirst(): bool
    {
        return ($this->is[0] ?? '') === 'sign';
    }
}
