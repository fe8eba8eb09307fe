<?php

declare(strict_types=1);

namespace App\Pages\Reports;

/** How much the results of a salon's stylists and of its hair tests scatter. */
final readonly class ScatterPart
{
    /**
     * @param list<string>     $says whose scatter clearly more than usual, or that nobody's do; that nothing can be said yet
     * @param list<ScatterRow> $rows each stylist, then the tests that scatter clearly more; [] while nothing can be said
     * @param string           $rest how many more tests scatter as usual; '' where there are none
     */
    public function __construct(public array $says, public array $rows, public string $rest)
    {
    }
}
