<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Learning;
use App\Pages\Page;

/** What a salon's own records say of the numbers it goes by. */
final readonly class LearnedPage extends Page
{
    /**
     * @param ResultsPart   $results  whether hair tests come out as they were foretold
     * @param string        $now      what the salon goes by, in words
     * @param string        $few      that there is too little to learn from, in words; '' where there is enough
     * @param int|null      $percent  of the way, where it is under way
     * @param bool          $failed   whether the last try broke off
     * @param Learning|null $last     that came to something
     * @param bool          $isBetter whether results were foretold better by it, or it clearly differs
     * @param Learning|null $used     that the salon goes by
     * @param list<LearnedRow> $rows  of the last
     * @param KindsPart|null $kinds   of the last; null: not looked at
     * @param list<string>  $reasons  how they were worked out
     * @param string        $from     what it was learned from, in words
     * @param string        $held     how well readings were foretold before and by it, in words
     * @param list<string>  $before   earlier ones, in words
     */
    public function __construct(
        public ResultsPart $results,
        public string $now,
        public string $few,
        public ?int $percent,
        public bool $failed,
        public ?Learning $last,
        public bool $isBetter,
        public ?Learning $used,
        public array $rows,
        public ?KindsPart $kinds,
        public array $reasons,
        public string $from,
        public string $held,
        public array $before,
    ) {
    }
}
