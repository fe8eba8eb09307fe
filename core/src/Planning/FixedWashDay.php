<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** A wash day somebody set by hand: it stays, whatever the rules say of it, and the rest is planned round it. */
final readonly class FixedWashDay
{
    /**
     * @param string $reason why, in the words of who set it
     * @param string $by     who
     *
     * @throws RefusedInput without a reason
     */
    public function __construct(
        public DateTimeImmutable $date,
        public WashOption $choice,
        public string $reason,
        public string $by = '',
    ) {
        if (trim($reason) === '') {
            throw new RefusedInput(Message::of('refusals.no-reason'));
        }
    }
}
