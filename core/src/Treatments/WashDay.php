<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use DateTimeImmutable;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** What was done to a head on one day, in the order it was done. */
final readonly class WashDay
{
    /**
     * @param list<Step> $steps       at least one
     * @param bool       $approximate the date comes from memory; its effect is taken with more doubt
     * @param list<Step>|null $planned what the plan asked for on that day, done or not; null: there was none, or it is
     *     not known
     *
     * @throws RefusedInput without a step
     */
    public function __construct(
        public string $id,
        public DateTimeImmutable $date,
        public array $steps,
        public Place $place = Place::Salon,
        public bool $approximate = false,
        public ?array $planned = null,
    ) {
        if ($steps === []) {
            throw new RefusedInput(Message::of('refusals.no-step'));
        }
    }

    /**
     * The same day with other steps.
     *
     * @param list<Step> $steps at least one
     *
     * @throws RefusedInput without a step
     */
    public function done(array $steps): self
    {
        return new self($this->id, $this->date, $steps, $this->place, $this->approximate, $this->planned);
    }

    public function has(StepKind ...$kinds): bool
    {
        foreach ($this->steps as $step) {
            if (in_array($step->kind, $kinds, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it was cleansed with conditioner alone. */
    public function coWashes(): bool
    {
        $kinds = array_filter(array_map(static fn (Step $step): ?CleanseKind => $step->cleanse, $this->steps));

        return $kinds !== [] && array_unique($kinds, SORT_REGULAR) === [array_key_first($kinds) => CleanseKind::CoWash];
    }

    public function clarifies(): bool
    {
        foreach ($this->steps as $step) {
            if ($step->cleanse?->clarifies() === true) {
                return true;
            }
        }

        return false;
    }

    /** Whether the hair is up in a tight style once this day is done; null where the day leaves it as it was. */
    public function leavesTight(): ?bool
    {
        $tight = $this->has(StepKind::Cleanse, StepKind::Detangle) ? false : null;
        foreach ($this->steps as $step) {
            $tight = $step->kind === StepKind::UpStyle ? $step->how === 'tight' : $tight;
        }

        return $tight;
    }

    /** Whether hair was washed or treated on this day, rather than only handled, wetted or put up. */
    public function cares(): bool
    {
        return $this->has(
            StepKind::PreWash,
            StepKind::Cleanse,
            StepKind::MildProtein,
            StepKind::StrongProtein,
            StepKind::Conditioner,
            StepKind::Mask,
            StepKind::LeaveIn,
            StepKind::Detangle,
        );
    }
}
