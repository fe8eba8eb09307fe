<?php

declare(strict_types=1);

namespace App\Pages\Today;

/** What whoever books would like, beside the service: whose hands, which part of the day, one day alone. */
final readonly class BookingWish
{
    public const PARTS = ['morning', 'midday', 'afternoon', 'evening', 'night'];

    /** @param string $part one of the parts; '' any */
    public function __construct(
        public ?int $user = null,
        public string $part = '',
        public bool $isOneDay = false,
    ) {
    }

    public function fits(OfferedTime $time): bool
    {
        return $this->part === '' || $this->part === $time->part();
    }
}
