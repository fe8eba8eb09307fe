<?php

declare(strict_types=1);

namespace Nagomi\Core\Safety;

use DateTimeImmutable;

/**
 * A sign that bars treatments: when and by whom it was raised, and who cleared it when; null while it is open. What a
 * reading raised by its values stands until somebody confirms it, or withdraws it because it was no such sign.
 */
final readonly class Clearance
{
    public function __construct(
        public BarringSign $sign,
        public DateTimeImmutable $raisedOn,
        public string $raisedBy,
        public string $seen,
        public ?DateTimeImmutable $clearedOn = null,
        public ?string $clearedBy = null,
        public bool $byReading = false,
        public ?DateTimeImmutable $confirmedOn = null,
        public ?string $confirmedBy = null,
        public bool $withdrawn = false,
    ) {
    }
}
