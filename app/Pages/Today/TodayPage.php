<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Drawings\HandsPicture;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\Salon;
use App\Pages\Page;
use Carbon\CarbonImmutable;

/** Who comes, what each needs and why, and whether these hands can do it. */
final readonly class TodayPage extends Page
{
    /**
     * @param bool $isEnding it is this day by now, or has gone by
     * @param bool $isOver   it has gone by
     * @param bool $isBeginning the salon has no client yet
     * @param list<HandsCard> $cards what everybody’s hands are at; [] on another day
     * @param list<array{outlook: Outlook, days: int}>          $drifting
     * @param list<array{name: string, day: string, link: string}> $leftOpen wash days of earlier days that nobody finished
     * @param list<array{kind: string, ml: float, left: ?float}> $short
     * @param list<array{head: Head, why: string}>              $calls
     * @param string                 $order        what is to be said of the order of the day; '' where it is the best
     * @param list<string>           $outside      whose hands work in a break or after closing; that the clocks change in the night
     * @param bool                   $isSearchedOn a better order is looked for while the page is shown
     * @param list<AskedAfter>       $asked
     * @param array<int, string>     $stylistNames by key, in short
     * @param list<WaitingClient>    $waiting for a time on this day
     * @param list<ProposedExchange> $exchanges
     * @param array<int, string>     $handovers stylists who are away with clients still booked, in short, by key
     */
    public function __construct(
        public Salon $salon,
        public CarbonImmutable $date,
        public bool $isToday,
        public bool $isEnding,
        public bool $isOver,
        public bool $isBeginning,
        public DayRows $rows,
        public array $cards,
        public ?HandsPicture $picture,
        public string $order,
        public array $outside,
        public bool $isSearchedOn,
        public array $asked,
        public array $stylistNames,
        public array $waiting,
        public array $exchanges,
        public array $handovers,
        public int $stale,
        public string $forgetting,
        public array $drifting,
        public array $leftOpen,
        public array $short,
        public array $calls,
    ) {
    }
}
