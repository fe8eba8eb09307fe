<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use Nagomi\Core\Learning\LearnedValue;
use Nagomi\Core\Learning\SalonLearning;
use Nagomi\Core\Parameters\LearnedFactor;
use Nagomi\Core\Parameters\Parameters;

/**
 * How far a salon's learning is: rounds over all its heads, and then once more over them to see how well their readings
 * were foretold before and are now. Kept after every stretch of work, so that another worker goes on where one was
 * killed.
 */
final readonly class LearningWork
{
    /**
     * @param list<string>                $heads  keys
     * @param int                         $round  from 0; at the number of rounds, what was learned is looked at
     * @param array<string, LearnedValue> $from   where the factors stand at its beginning
     * @param array<string, list<float>>  $scores of this round, by head
     * @param array<string, StoredAlike>  $alike  of each head that was looked back at, its kind and what it says
     */
    private function __construct(
        public array $heads,
        public int $round,
        public array $from,
        public array $scores,
        public array $alike = [],
    ) {
    }

    /** @param list<string> $heads keys */
    public static function begun(array $heads, Parameters $shipped): self
    {
        return new self($heads, 0, SalonLearning::shipped($shipped), []);
    }

    public function isLookingBack(): bool
    {
        return $this->round >= SalonLearning::ROUNDS;
    }

    /** @return float 0 to 1 */
    public function share(): float
    {
        $all = (SalonLearning::ROUNDS + 1) * max(1, count($this->heads));

        return min(1.0, ($this->round * count($this->heads) + count($this->scores)) / $all);
    }

    /** @return string|null the head to be gone through next; null where the round is over */
    public function next(): ?string
    {
        foreach ($this->heads as $head) {
            if (! isset($this->scores[$head])) {
                return $head;
            }
        }

        return null;
    }

    /**
     * @param list<float>      $scores of a head; none of one that is gone
     * @param StoredAlike|null $alike  where it was looked back at
     */
    public function with(string $head, array $scores, ?array $alike = null): self
    {
        return new self(
            $this->heads,
            $this->round,
            $this->from,
            [...$this->scores, $head => $scores],
            $alike === null ? $this->alike : [...$this->alike, $head => $alike],
        );
    }

    /** @param array<string, LearnedValue> $learned what the round came to */
    public function nextRound(array $learned): self
    {
        return new self($this->heads, $this->round + 1, $learned, []);
    }

    /** @return list<non-empty-list<float>> of all heads that are still there */
    public function said(): array
    {
        return array_values(array_filter($this->scores, static fn (array $of): bool => $of !== []));
    }

    /** @return StoredLearningWork */
    public function stored(): array
    {
        return [
            'heads' => $this->heads, 'round' => $this->round, 'from' => self::storedValues($this->from),
            'scores' => $this->scores, 'alike' => $this->alike,
        ];
    }

    /** @param StoredLearningWork $stored */
    public static function ofStored(array $stored): self
    {
        return new self(
            $stored['heads'],
            $stored['round'],
            self::values($stored['from']),
            array_map(
                static fn (array $of): array => array_map(static fn (int|float $one): float => (float) $one, $of),
                $stored['scores'],
            ),
            $stored['alike'] ?? [],
        );
    }

    /**
     * @param array<string, LearnedValue> $values by factor
     *
     * @return StoredLearned
     */
    public static function storedValues(array $values): array
    {
        return array_map(static fn (LearnedValue $value): array => [
            'log' => $value->log, 'sd' => $value->logSd, 'weight' => $value->weight,
        ], $values);
    }

    /**
     * @param StoredLearned $stored
     *
     * @return array<string, LearnedValue> by factor, of those that are still learned
     */
    public static function values(array $stored): array
    {
        $values = [];
        foreach (LearnedFactor::cases() as $factor) {
            $of = $stored[$factor->value] ?? null;
            if ($of !== null) {
                $values[$factor->value] = new LearnedValue(
                    $factor,
                    (float) $of['log'],
                    (float) $of['sd'],
                    (float) $of['weight'],
                );
            }
        }

        return $values;
    }
}
