<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use InvalidArgumentException;

/** Something that is to come, on a day or over several. */
final readonly class Occasion
{
    /**
     * @param string $what in the words of who set it: a wedding, a week at the sea
     *
     * @throws InvalidArgumentException where it ends before it begins
     */
    public function __construct(
        public OccasionKind $kind,
        public DateTimeImmutable $from,
        public DateTimeImmutable $until,
        public string $what = '',
    ) {
        if ($until < $from) {
            throw new InvalidArgumentException('Occasions: the last day comes before the first.');
        }
    }

    public function includes(DateTimeImmutable $day): bool
    {
        return $day >= $this->from && $day <= $this->until;
    }
}
