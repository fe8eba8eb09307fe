<?php

declare(strict_types=1);

namespace App\Pages\Practice;

/** One hair test of a practice visit: not taken, or what it shows. */
final readonly class PracticeTestRow
{
    /**
     * @param string                      $takes its time, in words
     * @param bool                        $fits  into what is left
     * @param list<PracticeSignLine>|null $shows null: it is not taken yet
     */
    public function __construct(public string $test, public string $takes, public bool $fits, public ?array $shows)
    {
    }
}
