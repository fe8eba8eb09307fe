<?php

declare(strict_types=1);

namespace App\Pages\Now;

use App\Drawings\ResultRange;

/** The latest reading of one sign, beside what it can be held against. */
final readonly class SignLine
{
    /**
     * @param string                             $value  in $unit, written out
     * @param string                             $name   of the sign, with the zone where it is not of the whole head
     * @param string                             $date   as Y-m-d
     * @param string|null                        $again  that it did not fit what was expected, null where it did
     * @param array<string, string>              $beside sentence by yardstick: usual, today, balance
     * @param array<string, array{float, float}> $bands  range by yardstick, in $unit; none while it is not known
     * @param list<float>                        $series the latest readings, in $unit
     * @param ResultRange                        $range  where it lies beside what it would be in balance
     */
    public function __construct(
        public string $value,
        public string $unit,
        public string $name,
        public string $date,
        public ?string $again,
        public array $beside,
        public array $bands,
        public array $series,
        public bool $changed,
        public ResultRange $range,
    ) {
    }
}
