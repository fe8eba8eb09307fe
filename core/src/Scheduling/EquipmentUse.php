<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use InvalidArgumentException;

/** From when to when hands need something there are only a few of. */
final readonly class EquipmentUse
{
    /**
     * @param float $fromMinute  from the beginning of the stretch, 0 or more
     * @param float $untilMinute the same, later
     *
     * @throws InvalidArgumentException where it ends before it begins
     */
    public function __construct(
        public Equipment $equipment,
        public float $fromMinute,
        public float $untilMinute,
    ) {
        if (! ($fromMinute >= 0 && $untilMinute > $fromMinute)) {
            throw new InvalidArgumentException('A use: from 0 minutes on, and until a later one.');
        }
    }

    /** What is left of it so many minutes later; null: nothing. */
    public function after(float $minutes): ?self
    {
        return $this->untilMinute <= $minutes
            ? null
            : new self($this->equipment, max(0.0, $this->fromMinute - $minutes), $this->untilMinute - $minutes);
    }

    /**
     * @param list<self> $uses in their order
     *
     * @return list<self> with one more, where there is any; what goes on without a stop is one
     */
    public static function joined(array $uses, ?Equipment $equipment, float $from, float $until): array
    {
        $last = $uses[count($uses) - 1] ?? null;
        if ($equipment === null || $until <= $from) {
            return $uses;
        }
        if ($last !== null && $last->equipment === $equipment && $from - $last->untilMinute < 0.01) {
            return [...array_slice($uses, 0, -1), new self($equipment, $last->fromMinute, $until)];
        }

        return [...$uses, new self($equipment, $from, $until)];
    }
}
