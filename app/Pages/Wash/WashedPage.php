<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Models\Head;
use App\Models\WashSession;
use App\Pages\Page;

/** What a wash day did. */
final readonly class WashedPage extends Page
{
    /**
     * @param list<string> $late taps that came after the end, in words: they are not in the book
     * @param array<string, array{label: string, minutes: float|null}> $minutes that can be corrected, by key of the step
     * @param array{length_mm: int|null, diameter_um: float, days_since_detangled: int|null}|null $shed
     */
    public function __construct(
        public Head $head,
        public WashSession $washSession,
        public array $late,
        public ?array $shed,
        public array $minutes,
    ) {
    }
}
