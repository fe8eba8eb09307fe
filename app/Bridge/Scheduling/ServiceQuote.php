<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use Nagomi\Core\Pricing\QuotedPrice;
use Nagomi\Core\Scheduling\EquipmentUse;
use Nagomi\Core\Scheduling\WorkSegment;

/**
 * How long a service takes on one head, and what it costs: a wash day from the Basin, everything else from its own
 * past.
 */
final readonly class ServiceQuote
{
    /**
     * @param non-empty-list<WorkSegment> $stretches
     * @param int|null $careMinutes of a wash day: to the end of styling, as its plan says; drying is the rest
     * @param int|null $atMost minutes, 9 times in 10; null where hair nobody has seen yet could take any
     * @param array{care: float, hands: float, drying: float, by: string}|null $parts of a wash day
     */
    public function __construct(
        public array $stretches,
        public int $minutes,
        public ?int $careMinutes,
        public ?int $atMost,
        public QuotedPrice $price,
        public string $because,
        public ?array $parts = null,
    ) {
    }

    /**
     * @return list<array{
     *     hands: float, waiting: float, spread: float, waiting_spread: float, hold: float|null, heat: string|null,
     *     uses: list<array{string, float, float}>,
     * }> as a booking keeps them
     */
    public function kept(): array
    {
        return array_map(
            fn (WorkSegment $stretch): array => [
                'hands' => round($stretch->handsMinutes, 1),
                'waiting' => round($stretch->waitingMinutes, 1),
                'spread' => round($stretch->spread, 3),
                'waiting_spread' => round($stretch->waitingSpread, 3),
                'hold' => $stretch->mostHoldMinutes === null ? null : round($stretch->mostHoldMinutes, 1),
                'heat' => $stretch->heat?->value,
                'uses' => array_map(
                    static fn (EquipmentUse $use): array => [
                        $use->equipment->value, round($use->fromMinute, 1), round($use->untilMinute, 1),
                    ],
                    $stretch->uses,
                ),
            ],
            $this->stretches,
        );
    }
}
