<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Pages\Page;

/** The form that opens the first salon, filled in as far as anybody can guess. */
final readonly class BeginPage extends Page
{
    /**
     * @param list<string>          $timezones
     * @param array<string, string> $currencies name by code
     * @param array<string, string> $climates
     * @param array<int, string>    $week     hours as they are typed, by weekday
     * @param array<string, int>    $services usual minutes by what is booked
     */
    public function __construct(
        public array $timezones,
        public array $currencies,
        public array $climates,
        public array $week,
        public array $services,
    ) {
    }
}
