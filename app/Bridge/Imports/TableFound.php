<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** What the lines of a table are, and the words in it that somebody has to explain. */
final readonly class TableFound
{
    /**
     * @param list<FoundLine> $lines
     * @param array<string, array<string, array{word: string, lines: int, means: string|null}>> $asked by field and key
     * @param int             $beyond lines that were not read: there are too many
     */
    public function __construct(public array $lines, public array $asked, public int $beyond)
    {
    }
}
