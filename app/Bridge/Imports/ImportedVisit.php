<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Models\BookingStatus;

/** A visit as it comes in. */
final readonly class ImportedVisit
{
    /**
     * @param string   $day    such as 2026-12-03, the salon's own
     * @param int      $minute of that day
     * @param int      $minutes from start to finish
     * @param int|null $cents  null: no price stands there
     */
    public function __construct(
        public string $day,
        public int $minute,
        public int $minutes,
        public int $serviceId,
        public int $userId,
        public ?int $cents,
        public BookingStatus $status,
    ) {
    }

    /** @return array<string, string|int|null> */
    public function kept(): array
    {
        return [
            'day' => $this->day, 'minute' => $this->minute, 'minutes' => $this->minutes,
            'serviceId' => $this->serviceId, 'userId' => $this->userId,
            'cents' => $this->cents, 'status' => $this->status->value,
        ];
    }

    /** @param array<mixed> $kept */
    public static function of(array $kept): self
    {
        $whole = static fn (string $name): int => is_int($kept[$name] ?? null) ? $kept[$name] : 0;

        return new self(
            is_string($kept['day'] ?? null) ? $kept['day'] : '',
            $whole('minute'),
            $whole('minutes'),
            $whole('serviceId'),
            $whole('userId'),
            is_int($kept['cents'] ?? null) ? $kept['cents'] : null,
            BookingStatus::tryFrom(is_string($kept['status'] ?? null) ? $kept['status'] : '') ?? BookingStatus::Done,
        );
    }
}
