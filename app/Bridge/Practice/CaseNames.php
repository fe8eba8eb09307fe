<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use Nagomi\Core\Practice\WrittenCase;
use Nagomi\Core\Practice\WrittenCases;

/** The written practice cases, by name. */
final class CaseNames
{
    /** @return array<string, int> grade by name, from plain to hard */
    public static function grades(): array
    {
        return array_column(array_map(
            static fn (WrittenCase $case): array => [$case->name, $case->grade],
            WrittenCases::all(),
        ), 1, 0);
    }
}
