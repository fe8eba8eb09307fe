<?php

declare(strict_types=1);

namespace App\Pages\History;

/** One part of all that is kept of a client, as a table anybody can read: on paper, and in a file. */
final readonly class HistoryPart
{
    /**
     * @param string             $key     of its title in lang/
     * @param list<string>       $columns of its table
     * @param list<list<string>> $rows    the oldest first, in words
     */
    public function __construct(public string $key, public array $columns, public array $rows)
    {
    }
}
