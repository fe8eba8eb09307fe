<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use RuntimeException;

/** A record that cannot be taken in; it carries every problem found, not only the first. */
final class InvalidRecord extends RuntimeException
{
    /** @param non-empty-list<RecordProblem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(strval(...), $problems)));
    }
}
