<?php

declare(strict_types=1);

namespace App\Pages\Now;

use App\Models\PlanItem;

/** What to do next with this hair, and what not. */
final readonly class NextWash
{
    /**
     * @param PlanItem|null $item     null: no wash day is planned
     * @param string        $when     its day, in words
     * @param bool          $isToday  it is due today, or was before
     * @param list<string>  $reasons  a sentence each
     * @param list<array{what: string, because: string}> $barred what must not be done on that day
     * @param string        $minutes  how long, in words
     * @param string        $done     when it is done, in words; '' where it does not begin now
     * @param string        $booked   when and with whom; '' where it is not booked
     * @param int           $testMinutes of the tests that are worth taking first; 0: none is
     * @param string|null   $running  address of a wash day that is under way
     * @param string        $leftOpen the earlier day it was begun on and never finished, in words; '' for none
     */
    public function __construct(
        public ?PlanItem $item,
        public string $when,
        public bool $isToday,
        public array $reasons,
        public array $barred,
        public string $minutes,
        public string $done,
        public string $booked,
        public int $testMinutes,
        public ?string $running,
        public string $leftOpen,
    ) {
    }
}
