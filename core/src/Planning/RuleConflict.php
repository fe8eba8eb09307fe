<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Wording\Message;

/** A wash day on which the rules leave no way open: which of them clash, and what would free it. */
final readonly class RuleConflict
{
    /**
     * @param list<Message> $rules sentences of the rules that clash
     * @param list<Message> $frees what could be changed, one sentence each
     */
    public function __construct(
        public DateTimeImmutable $date,
        public array $rules,
        public array $frees,
    ) {
    }
}
