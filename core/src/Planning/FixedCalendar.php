<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\StepKind;

/** Care by a fixed calendar, whatever the hair says: what a plan has to be better than. */
final readonly class FixedCalendar
{
    private const CLARIFY_WEEKS = 4;
    private const PROTEIN_WEEKS = 6;
    private const MASK_MINUTES = 25.0;

    private WashOption $rhythm;
    private WashOption $clarifying;

    public function __construct(private Head $head)
    {
        $this->rhythm = WashOptions::houseRhythm($head);
        $this->clarifying = array_values(array_filter(
            WashOptions::of($head),
            static fn (WashOption $choice): bool => $choice->cleanse->clarifies(),
        ))[0]
            ?? $this->rhythm;
    }

    /**
     * A mask at each wash, clarifying every four weeks, strong protein every six.
     *
     * @param int $wash counted from the first, which is 0
     */
    public function on(int $wash): WashOption
    {
        return new WashOption(
            $this->isDue(self::CLARIFY_WEEKS, $wash) ? $this->clarifying->cleanse : $this->rhythm->cleanse,
            $this->rhythm->passes,
            StepKind::Mask,
            self::MASK_MINUTES,
            $this->rhythm->heat,
            $this->isDue(self::PROTEIN_WEEKS, $wash) ? StepKind::StrongProtein : null,
            $this->rhythm->preWash,
        );
    }

    private function isDue(int $weeks, int $wash): bool
    {
        return $wash > 0 && $wash % max(1, (int) round(7 * $weeks / $this->head->washEveryDays)) === 0;
    }
}
