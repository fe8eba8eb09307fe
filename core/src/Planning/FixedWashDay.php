<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use InvalidArgumentException;

/** A wash day somebody set by hand: it stays, whatever the rules say of it, and the rest is planned round it. */
final readonly class FixedWashDay
{
    /**
     * @param string $reason why, in the words of who set it
     * @param string $by     who
     *
     * @throws InvalidArgumentException without a reason
     */
    public function __construct(
        public DateTimeImmutable $date,
        public WashOption $choice,
        public string $reason,
        public string $by = '',
    ) {
        if (trim($reason) === '') {
            throw new InvalidArgumentException('Reason: say why this day is set by hand.');
        }
    }
}
