<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Wording\Message;

/** One thing wrong with a record: where, and what to put there instead. */
final readonly class RecordProblem
{
    public function __construct(
        public string $path,
        public Message $instead,
    ) {
    }

    /** Where it is and what to put there, in one line. */
    public function line(): Message
    {
        return Message::of('records.line', path: $this->path, instead: $this->instead);
    }
}
