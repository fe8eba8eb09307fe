<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Models\Head;
use App\Models\WashSession;
use App\Pages\Page;

/** A wash day that was begun on an earlier day and never finished. */
final readonly class LeftOpenPage extends Page
{
    /**
     * @param string                $day  it was begun on, in words
     * @param list<string>          $done what was tapped of it that goes into the book
     * @param array<string, string> $open what was not, by key of the step
     * @param bool                  $isNoted a wash of that day is in the book already
     */
    public function __construct(
        public Head $head,
        public WashSession $washSession,
        public string $day,
        public array $done,
        public array $open,
        public bool $isNoted,
    ) {
    }
}
