<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use Nagomi\Core\Practice\PracticeBottle;
use Nagomi\Core\Practice\PracticeShelf;

/** The bottles of the practice chair, for forms and pages. */
final class ShelfBottles
{
    /** @return array<string, string> ingredients by name, of those for one kind of step */
    public static function for(string $step): array
    {
        $of = array_filter(
            PracticeShelf::bottles(),
            static fn (PracticeBottle $bottle): bool => in_array($step, $bottle->steps, true),
        );

        return array_column(array_map(
            static fn (PracticeBottle $bottle): array => [$bottle->name, $bottle->ingredients],
            $of,
        ), 1, 0);
    }
}
