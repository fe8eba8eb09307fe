<?php

declare(strict_types=1);

namespace App\Care\Accounts;

use SensitiveParameter;

/** What a salon begins with: itself, who opens it, a week of hours, and what it can be booked for. */
final readonly class NewSalon
{
    /**
     * @param string $timezone of the IANA list
     * @param string $language ISO 639-1, of the owner and of messages
     * @param string $currency ISO 4217
     * @param string $climate  none, or one that ships
     * @param string $email    of no stylist yet
     * @param string $password as it was typed
     * @param array<int, list<array{int, int}>> $week minutes of the day by weekday, 1 Monday
     * @param list<array{
     *     id: null, name: string, is_wash_day: bool, does: string|null, minutes: int, price_cents: int,
     * }> $services
     */
    public function __construct(
        public string $name,
        public string $timezone,
        public string $language,
        public string $currency,
        public float $hardnessMgPerL,
        public string $climate,
        public int $chairs,
        public string $owner,
        public string $email,
        #[SensitiveParameter]
        public string $password,
        public array $week = [],
        public array $services = [],
    ) {
    }
}
