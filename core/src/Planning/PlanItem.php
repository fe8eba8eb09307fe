<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Scalp\ScalpCareDay;
use Nagomi\Core\Wording\Message;

/** One wash day of a plan, with its reasons. */
final readonly class PlanItem
{
    /**
     * @param non-empty-list<Message> $reasons one plain sentence each
     * @param array<string, Counterfactual> $without by treatment that could be left out: mask, mild-protein,
     *     strong-protein, cleanse
     * @param Rule|null              $movedBy the rule that kept its main treatment from coming earlier
     * @param list<Rule>             $broken  hard rules it breaks because nothing else was open
     * @param bool                   $look    the state is unsure by then: take readings before treating
     * @param FixedWashDay|null            $byHand  somebody set this day by hand, and why
     * @param RuleConflict|null             $clash   what stood in the way of every way to wash this day
     * @param float                  $brokenHairs expected at its detangling
     * @param ScalpCareDay|null      $scalp   what the scalp asks for on it; null where it was not read
     * @param array<string, Rule>    $barred  what must not be done on it, of the first wash day; {@see BarredTreatments}
     */
    public function __construct(
        public DateTimeImmutable $date,
        public int $day,
        public WashOption $choice,
        public float $minutes,
        public array $reasons,
        public array $without = [],
        public ?Rule $movedBy = null,
        public array $broken = [],
        public bool $look = false,
        public ?FixedWashDay $byHand = null,
        public ?RuleConflict $clash = null,
        public float $brokenHairs = 0.0,
        public ?ScalpCareDay $scalp = null,
        public array $barred = [],
    ) {
    }

    /** The leave-out that matters most: protein before mask before clarifying. */
    public function mainWithout(): ?Counterfactual
    {
        foreach (['strong-protein', 'mild-protein', 'mask', 'cleanse'] as $treatment) {
            if (isset($this->without[$treatment])) {
                return $this->without[$treatment];
            }
        }

        return null;
    }
}
