<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use Nagomi\Core\Statistics\StudentT;

/**
 * Whether clients' hair is longer in balance in the second half of a period than in the first: each client beside
 * itself, so that who is in it changes nothing. By Student's t on the differences (Student, Biometrika 6, 1908; from
 * memory).
 */
final readonly class BalanceChange
{
    /** Days in each half below which a client says nothing of it. */
    private const LEAST_DAYS = 7;

    /** Clients below which nothing is said. */
    private const LEAST_CLIENTS = 3;

    private const LEVEL = 0.8;

    /**
     * @param float $earlier share of days in balance in the first half, 0 to 1, the mean of clients
     * @param float $lately  and in the second
     * @param float $least   of their difference, 80 %
     * @param float $most    of their difference, 80 %
     */
    private function __construct(
        public float $earlier,
        public float $lately,
        public float $least,
        public float $most,
    ) {
    }

    /**
     * @param list<array{earlier: float, earlier_days: int, lately: float, lately_days: int, ...}> $clients days in
     *     balance, and days of which that is known, in both halves
     *
     * @return self|null null where too little is known to say
     */
    public static function of(array $clients): ?self
    {
        $earlier = $lately = $differences = [];
        foreach ($clients as $days) {
            if (min($days['earlier_days'], $days['lately_days']) < self::LEAST_DAYS) {
                continue;
            }
            $earlier[] = $first = $days['earlier'] / $days['earlier_days'];
            $lately[] = $second = $days['lately'] / $days['lately_days'];
            $differences[] = $second - $first;
        }
        $count = count($differences);
        if ($count < self::LEAST_CLIENTS) {
            return null;
        }
        $mean = array_sum($differences) / $count;
        $squares = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $differences));
        $half = StudentT::quantile((1 + self::LEVEL) / 2, $count - 1) * sqrt($squares / ($count - 1) / $count);

        return new self(array_sum($earlier) / $count, array_sum($lately) / $count, $mean - $half, $mean + $half);
    }

    /** @return 'better'|'worse'|'same' what is more than chance */
    public function way(): string
    {
        return match (true) {
            $this->least > 0 => 'better',
            $this->most < 0 => 'worse',
            default => 'same',
        };
    }
}
