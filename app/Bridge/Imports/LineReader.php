<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** Reads one line of a table for what it is. */
interface LineReader
{
    public function read(LineCells $cells, string $where): FoundLine;
}
