<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Parameters\HabitParameters;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/**
 * What is to be expected of a wash at home before anything is told of it: by habit, and where a plan asked for something,
 * by the plan, as far as plans were kept to before.
 */
final readonly class ExpectedWash
{
    /**
     * @param float                           $mask        probability of a mask rather than a conditioner
     * @param float                           $maskMinutes of a mask that is not told of
     * @param float                           $bare        probability that neither came, where none is told of
     * @param float                           $protein     probability of any
     * @param float                           $strong      probability that a protein is a strong one
     * @param float                           $leaveIn     probability
     * @param float                           $preWash     probability that something is put on before
     * @param non-empty-array<string, float>  $cleanses    probability of each, by kind
     */
    private function __construct(
        public float $mask,
        public float $maskMinutes,
        public float $bare,
        public float $protein,
        public float $strong,
        public float $leaveIn,
        public float $preWash,
        public array $cleanses,
    ) {
    }

    /** @param list<Step>|null $planned null: nothing is known of a plan */
    public static function of(?array $planned, HomeHabits $habits, HabitParameters $parameters): self
    {
        $byHabit = new self(
            $habits->masks->due(),
            $habits->maskMinutes,
            $habits->bare(),
            $habits->proteins->due(),
            $habits->strong(),
            $habits->leaveIn(),
            $habits->preWash(),
            $habits->cleanses(),
        );

        return $planned === null ? $byHabit : $byHabit->byPlan($planned, $habits, $parameters);
    }

    /** @param list<Step> $planned */
    private function byPlan(array $planned, HomeHabits $habits, HabitParameters $parameters): self
    {
        $adherence = $habits->adherence;
        $wanted = $adherence->wanted($planned);
        $kinds = array_map(static fn (Step $step): StepKind => $step->kind, $planned);
        $mask = self::planned($planned, StepKind::Mask);
        $masked = $mask === null ? HomeStep::LongMask : HomeStep::of($mask, $parameters) ?? HomeStep::LongMask;
        $moved = static function (HomeStep $step, float $usual) use ($adherence, $wanted): float {
            $follows = $adherence->follows($step);

            return $follows * (isset($wanted[$step->value]) ? 1.0 : 0.0) + (1 - $follows) * $usual;
        };
        $skipped = 1 - $adherence->share($mask === null ? HomeStep::Conditioner : $masked);
        $isConditioned = $mask !== null || in_array(StepKind::Conditioner, $kinds, true);
        $hasProtein = isset($wanted[HomeStep::Protein->value]);
        $isStrong = in_array(StepKind::StrongProtein, $kinds, true) ? 1.0 : 0.0;
        $follows = $adherence->follows(HomeStep::Protein);

        return new self(
            $moved($masked, $this->mask),
            $mask->minutes ?? $this->maskMinutes,
            $isConditioned ? $habits->bareWhereSkipped($skipped) : $this->bare,
            $moved(HomeStep::Protein, $this->protein),
            $hasProtein ? $follows * $isStrong + (1 - $follows) * $this->strong : $this->strong,
            $moved(HomeStep::LeaveIn, $this->leaveIn),
            $moved(HomeStep::PreWash, $this->preWash),
            $this->cleansesByPlan($planned, $adherence->follows(HomeStep::Clarifying)),
        );
    }

    /**
     * @param list<Step> $planned
     *
     * @return non-empty-array<string, float>
     */
    private function cleansesByPlan(array $planned, float $follows): array
    {
        $kind = self::planned($planned, StepKind::Cleanse)?->cleanse;
        if ($kind === null) {
            return $this->cleanses;
        }
        $cleanses = array_map(static fn (float $share): float => (1 - $follows) * $share, $this->cleanses);
        $cleanses[$kind->value] = ($cleanses[$kind->value] ?? 0.0) + $follows;

        return $cleanses;
    }

    /** @param list<Step> $planned */
    private static function planned(array $planned, StepKind $kind): ?Step
    {
        foreach ($planned as $step) {
            if ($step->kind === $kind) {
                return $step;
            }
        }

        return null;
    }
}
