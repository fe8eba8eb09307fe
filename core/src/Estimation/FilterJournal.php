<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

/** What a filter did, in order, so that a smoother can walk it back. */
final class FilterJournal
{
    /**
     * @var list<UpdateResult|Snapshot|array<int, array<int, float>>> an update, the end of a day, or the slopes of a move
     */
    private array $entries = [];

    /** @param array<int, array<int, float>> $slopes rows of the Jacobian that differ from the identity */
    public function moved(array $slopes): void
    {
        if ($slopes !== []) {
            $this->entries[] = $slopes;
        }
    }

    /** The strata are others from here on: what lies before cannot be looked back on through them. */
    public function beganAnew(): void
    {
        $this->entries = [];
    }

    public function updated(UpdateResult $updated): void
    {
        $this->entries[] = $updated;
    }

    public function ended(Snapshot $point): void
    {
        $this->entries[] = $point;
    }

    /** @return list<UpdateResult|Snapshot|array<int, array<int, float>>> */
    public function entries(): array
    {
        return $this->entries;
    }
}
