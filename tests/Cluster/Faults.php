<?php

declare(strict_types=1);

namespace Tests\Cluster;

/** Kills one part after the other, each when so much is done, and begins it again after its seconds. */
final class Faults
{
    /** @var list<int> shares at which a part is still to be killed, in percent */
    private array $ahead;

    /** @var array<string, float> parts that are dead, and when they are begun again */
    private array $dead = [];

    private float $askAgainAt = 0.0;

    /** @param array<int, array{string, int}> $faults part and seconds, by share of what is done in percent */
    public function __construct(private readonly Cluster $cluster, private readonly array $faults)
    {
        $this->ahead = array_keys($faults);
    }

    /** @return string what was done just now; '' for nothing */
    public function at(float $percent, float $now): string
    {
        foreach ($this->dead as $part => $until) {
            if ($now >= $until) {
                unset($this->dead[$part]);
                $this->cluster->start($part);

                return "{$part} is begun again";
            }
        }
        if ($this->ahead === [] || $percent < $this->ahead[0] || ! $this->isWhole($now)) {
            return '';
        }
        [$part, $seconds] = $this->faults[array_shift($this->ahead)];
        $this->dead[$part] = $now + $seconds;
        $this->cluster->kill($part);

        return "{$part} is killed";
    }

    /** Whether every part was killed that was to be. */
    public function areOver(): bool
    {
        return $this->ahead === [] && $this->dead === [];
    }

    /** One at a time: of three nodes two that are gone leave one that may not go on alone. */
    private function isWhole(float $now): bool
    {
        if ($this->dead !== [] || $now < $this->askAgainAt) {
            return false;
        }
        $this->askAgainAt = $now + 2;

        return $this->cluster->isSynced();
    }
}
