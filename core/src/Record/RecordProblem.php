<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

/** One thing wrong with a record: where, and what to put there instead. */
final readonly class RecordProblem
{
    public function __construct(
        public string $path,
        public string $sentence,
    ) {
    }

    public function __toString(): string
    {
        return "{$this->path}: {$this->sentence}";
    }
}
