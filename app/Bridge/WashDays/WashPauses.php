<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use Carbon\CarbonImmutable;

/** When hands rested in a wash day; what was on went on. */
final readonly class WashPauses
{
    /** @param list<array{CarbonImmutable, CarbonImmutable|null}> $pauses from and until; null: still */
    public function __construct(private array $pauses = [])
    {
    }

    /** The same after somebody rested or went on; who rests already, or goes on anyway, says nothing new. */
    public function with(bool $rests, CarbonImmutable $at): self
    {
        $last = array_key_last($this->pauses);
        $isResting = $last !== null && $this->pauses[$last][1] === null;

        return match (true) {
            $rests === $isResting => $this,
            $rests => new self([...$this->pauses, [$at, null]]),
            default => new self([...array_slice($this->pauses, 0, -1), [$this->pauses[(int) $last][0], $at]]),
        };
    }

    /** @return float minutes of rest between two times */
    public function minutes(CarbonImmutable $from, CarbonImmutable $until): float
    {
        $seconds = 0.0;
        foreach ($this->pauses as [$began, $ended]) {
            $seconds += max(0.0, $began->max($from)->diffInSeconds(($ended ?? $until)->min($until)));
        }

        return $seconds / 60;
    }

    /** @return list<array{string, string|null}> as the tablet shows them */
    public function toArray(): array
    {
        $told = static fn (CarbonImmutable $at): string => $at->format('Y-m-d\TH:i:s.vP');

        return array_map(
            static fn (array $pause): array => [$told($pause[0]), $pause[1] === null ? null : $told($pause[1])],
            $this->pauses,
        );
    }
}
