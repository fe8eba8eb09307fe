<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;

/** Where a head stood at the end of a day, and what its hair wears until the next wash day. */
final readonly class Snapshot
{
    /**
     * @param bool $sealed it was sealed with oil or butter, and fades more slowly
     * @param bool $tight  it is up in a tight style, and wears by the day
     * @param HomeHabits|null $habits what was told until then says of washes at home; null: what is assumed of anybody
     */
    public function __construct(
        public DateTimeImmutable $date,
        public State $state,
        public bool $sealed,
        public bool $tight = false,
        public ?HomeHabits $habits = null,
    ) {
    }

    /** The same for a head that differs in its circumstances only. */
    public function under(Head $head): self
    {
        return new self($this->date, $this->state->under($head), $this->sealed, $this->tight, $this->habits);
    }

    /** The same on another day, with another state. */
    public function on(DateTimeImmutable $date, State $state): self
    {
        return new self($date, $state, $this->sealed, $this->tight, $this->habits);
    }
}
