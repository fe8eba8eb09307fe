<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Drawings\SaidPlot;
use App\Pages\Page;

/** How everybody of a salon gets on in the practice chair, for whoever trains them, and how alike they judge. */
final readonly class PracticeTeamPage extends Page
{
    /**
     * @param list<array{
     *     name: string, cases: string, certain: string, plot: SaidPlot, apart: list<float>, certainty: list<float>,
     *     rows: list<array{title: string, day: string, lost: string, beside: string, brier: string}>,
     * }> $people days lost beyond the planner's and Brier scores by case, oldest first; rows newest first
     * @param list<array{title: string, who: string, percent: int, says: string}> $agreement of two on the same client
     * @param SaidPlot $empty the picture while nobody has judged anything
     */
    public function __construct(public array $people, public array $agreement, public SaidPlot $empty)
    {
    }
}
