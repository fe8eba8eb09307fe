<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

/** The bottles a head was last seen to with: what is in them is what the next steps of their kind are done with. */
final readonly class BottlesInUse
{
    /** @param array<string, BottleContents> $byStep by kind of step, a cleanse by what it cleanses with */
    public function __construct(private array $byStep = [])
    {
    }

    /** @param list<WashDay> $washDays in any order */
    public static function in(array $washDays): self
    {
        usort($washDays, static fn (WashDay $a, WashDay $b): int => $a->date <=> $b->date);
        $byStep = [];
        foreach ($washDays as $washDay) {
            foreach ($washDay->steps as $step) {
                // A step of which the bottle is not known says that it may be another by now.
                unset($byStep[self::key($step)]);
                if ($step->contents !== null) {
                    $byStep[self::key($step)] = $step->contents;
                }
            }
        }

        return new self($byStep);
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step> the same, done with these bottles where theirs are not known
     */
    public function with(array $steps): array
    {
        return $this->byStep === []
            ? $steps
            : array_map(
                fn (Step $step): Step => $step->contents === null && isset($this->byStep[self::key($step)])
                    ? $step->with($this->byStep[self::key($step)])
                    : $step,
                $steps,
            );
    }

    private static function key(Step $step): string
    {
        return $step->cleanse->value ?? $step->kind->value;
    }
}
