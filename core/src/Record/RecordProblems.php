<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Wording\Message;

/** Collects what is wrong while a record is read. */
final class RecordProblems
{
    /** @var list<RecordProblem> */
    private array $found = [];

    public function add(string $path, Message $instead): void
    {
        $this->found[] = new RecordProblem($path, $instead);
    }

    public function count(): int
    {
        return count($this->found);
    }

    /** @throws InvalidRecord where anything was found */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw new InvalidRecord($this->found);
        }
    }
}
