<?php

declare(strict_types=1);

namespace App\Care\Monitoring;

/** One thing that keeps a salon going, as it stands. */
final readonly class Check
{
    /**
     * @param float|null $value null: not known
     * @param float|null $limit from which on, or below which, it is failing; null: none
     * @param string     $unit  of both
     */
    public function __construct(
        public CheckState $state,
        public ?float $value,
        public ?float $limit,
        public string $unit,
    ) {
    }

    public static function unknown(?float $limit, string $unit): self
    {
        return new self(CheckState::Unknown, null, $limit, $unit);
    }

    public static function atMost(float $value, float $limit, string $unit): self
    {
        return new self($value <= $limit ? CheckState::Ok : CheckState::Failing, $value, $limit, $unit);
    }

    public static function atLeast(float $value, float $limit, string $unit): self
    {
        return new self($value >= $limit ? CheckState::Ok : CheckState::Failing, $value, $limit, $unit);
    }
}
