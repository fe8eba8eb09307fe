<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\ServiceQuote;

/** The others of a client's household, and when those that were chosen can come together. */
final readonly class HouseholdPage
{
    /**
     * @param array<string, string> $others names by key
     * @param list<string>          $chosen keys of those that come as well
     * @param list<string>          $names  of all who come, in their order, in short
     * @param list<ServiceQuote>    $quotes of each of them; none where nobody was chosen
     * @param list<OfferedGroups>   $days   none where nobody was chosen
     */
    public function __construct(
        public array $others,
        public array $chosen,
        public array $names,
        public array $quotes,
        public array $days,
    ) {
    }
}
