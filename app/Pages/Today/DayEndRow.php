<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\Booking;
use Nagomi\Core\Pricing\Bill;

/** One booking of a day that comes to its end. */
final readonly class DayEndRow
{
    /**
     * @param string      $starts   HH:MM
     * @param string|null $began    HH:MM; null: nobody said
     * @param int|null    $tookMinutes null: nobody knows
     * @param bool        $asksDeposit a deposit was paid for a visit that did not come about
     * @param string|null $wash     address of its wash, begun on this day and not finished; null for none
     */
    public function __construct(
        public Booking $booking,
        public string $starts,
        public ?string $began,
        public ?int $tookMinutes,
        public Bill $bill,
        public bool $asksDeposit,
        public ?string $wash,
    ) {
    }
}
