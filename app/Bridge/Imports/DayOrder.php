<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** In which order a table writes day and month where the year does not come first. */
enum DayOrder: string
{
    case DayFirst = 'day-first';
    case MonthFirst = 'month-first';
}
