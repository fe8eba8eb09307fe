<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use Nagomi\Core\Parameters\LearningParameters;

/**
 * What plans foretold beside what came: the share of days in balance. What is believed of a day later is on average what
 * was believed of it before, if all is well: whether more or less came is asked over clients.
 */
final readonly class PlansForetold
{
    /**
     * @param float $foretold share of days in balance, 0 to 1
     * @param float $came     the same
     * @param bool  $isChance whether they are no further apart than chance
     */
    private function __construct(
        public int $plans,
        public int $clients,
        public float $foretold,
        public float $came,
        public bool $isChance,
    ) {
    }

    /**
     * @param list<array{string, float, float}> $plans client, share foretold, share that came
     *
     * @return self|null null where no plan is that old
     */
    public static function of(array $plans, LearningParameters $parameters): ?self
    {
        if ($plans === []) {
            return null;
        }
        $apart = [];
        foreach ($plans as [$client, $foretold, $came]) {
            $apart[$client] = ($apart[$client] ?? 0.0) + $came - $foretold;
        }
        $isTold = count($apart) >= $parameters->fewestClients
            && abs(OverClients::beyondChance(array_values($apart), 0.0, $parameters->plansSurely)) > 1.0;

        return new self(
            count($plans),
            count($apart),
            array_sum(array_column($plans, 1)) / count($plans),
            array_sum(array_column($plans, 2)) / count($plans),
            ! $isTold,
        );
    }
}
