<?php

declare(strict_types=1);

namespace App\Drawings;

/** One step of a staircase: from a level to another, and the lines of the ledger behind it. */
final readonly class Step
{
    /**
     * @param string $kind days: what time took; tests: what they corrected; done; all of a day
     * @param int                                    $from  in tenths of a point
     * @param int                                    $to    in tenths of a point
     * @param list<array{says: string, tenths: int}> $lines
     */
    public function __construct(
        public string $kind,
        public int $from,
        public int $to,
        public array $lines,
    ) {
    }

    public function tenths(): int
    {
        return $this->to - $this->from;
    }
}
