<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;

/**
 * One line of the balance book. Amounts are whole millionths of a unit, so that lines sum to the state exactly
 * and in any order; the screen divides and rounds.
 */
final readonly class LedgerLine
{
    public const MILLIONTHS = 1_000_000;

    /**
     * @param string                          $subject days that passed, kind of step, or sign that was read
     * @param list<array<int, int>>           $amounts by stratum, then by Layout's quantities, in millionths
     * @param float|null $asTold probability that a step was done as it was told; null: not a step that was told
     */
    public function __construct(
        public DateTimeImmutable $date,
        public LedgerKind $kind,
        public string $subject,
        public array $amounts,
        public string $source = '',
        public ?float $asTold = null,
    ) {
    }
}
