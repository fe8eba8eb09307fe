<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Parameters\InvalidParameters;
use Nagomi\Core\Parameters\LearnedFactor;
use Nagomi\Core\Parameters\Parameters;

/**
 * Learns a salon's own factors from the records of its heads by empirical Bayes: the factors under which readings were
 * foretold best, each drawn towards what is shipped as far as the records leave it open.
 */
final readonly class SalonLearning
{
    /** What heads differ by is itself unsure where there are few. */
    public const FEWEST_HEADS = 4;

    /** Slopes that are .6 of what is shipped lie two steps away; a third settles. */
    public const ROUNDS = 3;

    /**
     * @param non-empty-list<array{HeadHistory, DateTimeImmutable}> $heads each with its last day
     */
    public function __construct(private array $heads, private Parameters $shipped)
    {
    }

    /**
     * @param int $rounds 1 or more
     *
     * @return array<string, LearnedValue> by factor
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    public function learned(int $rounds = self::ROUNDS): array
    {
        $learned = self::shipped($this->shipped);
        for ($round = 0; $round < $rounds && count($this->heads) >= self::FEWEST_HEADS; $round++) {
            $step = new LearningRound($learned, $this->shipped);
            $learned = $step->learned(array_map(
                static fn (array $head): array => $step->scores($head[0], $head[1]),
                $this->heads,
            ));
        }

        return $learned;
    }

    /**
     * Before any record was looked at.
     *
     * @return array<string, LearnedValue> by factor
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    public static function shipped(Parameters $shipped): array
    {
        $learned = [];
        foreach (LearnedFactor::cases() as $factor) {
            $learned[$factor->value] = new LearnedValue($factor, 0.0, $factor->priorSpread($shipped), 0.0);
        }

        return $learned;
    }

    /**
     * @param array<string, LearnedValue> $learned
     *
     * @throws InvalidParameters where the table lacks a parameter
     */
    public static function parameters(Parameters $shipped, array $learned): Parameters
    {
        foreach ($learned as $value) {
            $shipped = $value->of->times($value->factor(), $shipped);
        }

        return $shipped;
    }
}
