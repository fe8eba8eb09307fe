<?php

declare(strict_types=1);

namespace App\Bridge\Tables;

/** One table of a file, as text. */
final readonly class Sheet
{
    /**
     * @param string                          $name  as the spreadsheet calls it; empty of a file that is one table
     * @param list<array{int, list<string>}> $lines the line of the file each begins at, and its cells
     */
    public function __construct(public string $name, public array $lines)
    {
    }

    /** @return array{name: string, lines: list<array{int, list<string>}>} */
    public function kept(): array
    {
        return ['name' => $this->name, 'lines' => $this->lines];
    }

    /** @return int cells of the longest line */
    public function width(): int
    {
        return max([0, ...array_map(static fn (array $line): int => count($line[1]), $this->lines)]);
    }
}
