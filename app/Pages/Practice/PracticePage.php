<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Drawings\SaidPlot;
use App\Models\PlayedCase;
use App\Pages\Page;

/** The practice chair: what is open, what was played, and how far one's own certainty can be gone by. */
final readonly class PracticePage extends Page
{
    /**
     * @param list<array{played: PlayedCase, title: string, says: string}> $open  newest first
     * @param list<array{played: PlayedCase, title: string, says: string}> $ended newest first
     * @param array<int, list<array{name: string, title: string, story: string, came: string}>> $written cases by grade,
     *     and what the last time came to; '' where it was not played
     * @param list<array{id: int, title: string, says: string}> $lived hair of the salon's own clients
     * @param SaidPlot|null $plot    of all that ended; null: none did
     * @param string        $certain how it is to be taken, in words; '' while nothing ended
     */
    public function __construct(
        public array $open,
        public array $ended,
        public array $written,
        public array $lived,
        public ?SaidPlot $plot,
        public string $certain,
    ) {
    }
}
