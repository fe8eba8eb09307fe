<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\Refusal;
use RuntimeException;

/** A record that cannot be taken in; it carries every problem found, not only the first. */
final class InvalidRecord extends RuntimeException implements Refusal
{
    /** @param non-empty-list<RecordProblem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(json_encode($this->saying(), JSON_UNESCAPED_UNICODE) ?: '');
    }

    public function saying(): Message
    {
        return Message::inARow(array_map(
            static fn (RecordProblem $problem): Message => $problem->line(),
            $this->problems,
        ));
    }
}
