<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** One way to do a wash day. */
final readonly class WashOption
{
    /**
     * @param StepKind      $conditioning conditioner or mask
     * @param StepKind|null $protein      mild or strong protein, or none
     * @param string|null   $preWash      oil, conditioner or mix, or none
     */
    public function __construct(
        public CleanseKind $cleanse,
        public int $passes,
        public StepKind $conditioning,
        public float $conditioningMinutes,
        public bool $heat = false,
        public ?StepKind $protein = null,
        public ?string $preWash = null,
    ) {
    }

    public function masks(): bool
    {
        return $this->conditioning === StepKind::Mask;
    }

    /**
     * The same day without one of its treatments: a mask falls back to a rinse-out, a clarifying cleanse to the usual
     * one.
     */
    public function without(StepKind $treatment, CleanseKind $usual, WashDayParameters $parameters): self
    {
        return match ($treatment) {
            StepKind::Mask => new self(
                $this->cleanse,
                $this->passes,
                StepKind::Conditioner,
                $parameters->stepMinutes['conditioner'],
                false,
                $this->protein,
                $this->preWash,
            ),
            StepKind::Cleanse => new self(
                $usual,
                $this->passes,
                $this->conditioning,
                $this->conditioningMinutes,
                $this->heat,
                $this->protein,
                $this->preWash,
            ),
            default => new self(
                $this->cleanse,
                $this->passes,
                $this->conditioning,
                $this->conditioningMinutes,
                $this->heat,
                null,
                $this->preWash,
            ),
        };
    }

    /** The same way without what a child never gets: nothing hot, nothing strong. */
    public function forAChild(): self
    {
        return new self(
            $this->cleanse,
            $this->passes,
            $this->conditioning,
            $this->conditioningMinutes,
            false,
            $this->protein === StepKind::StrongProtein ? null : $this->protein,
            $this->preWash,
        );
    }

    /** @return list<string> what it uses of {@see PlanTerms::TREATMENTS} */
    public function treatments(): array
    {
        return array_keys(array_filter([
            'mask' => $this->masks(),
            'mild-protein' => $this->protein === StepKind::MildProtein,
            'strong-protein' => $this->protein === StepKind::StrongProtein,
            'clarifying' => $this->cleanse->clarifies(),
            'heat' => $this->heat,
            'co-wash' => $this->cleanse === CleanseKind::CoWash,
        ]));
    }

    /** @return list<Step> in the order they are done */
    public function steps(Head $head): array
    {
        $usual = $head->parameters->washDay;
        $tools = ['fingers' => 'fingers', 'fingers-comb' => 'comb', 'fingers-comb-brush' => 'brush'];
        $dry = $head->method->says(MethodQuestion::Detangling, 'dry-with-oil');
        $steps = [
            $this->preWash === null ? null : Step::preWash($this->preWash, $usual->stepMinutes['pre-wash']),
            Step::cleanse($this->cleanse, $this->passes),
            $this->protein === null ? null : new Step($this->protein, self::proteinMinutes($this->protein, $usual)),
            new Step($this->conditioning, $this->conditioningMinutes, $this->heat),
            $this->conditionsToo($head) ? Step::conditioner($usual->stepMinutes['conditioner']) : null,
            Step::detangle(
                max(Step::LEAST_MINUTES, $head->sections * $usual->stepMinutes['detangle-a-section']),
                $tools[$head->method->choice(MethodQuestion::Tools)] ?? 'comb',
                $dry ? 'dry-with-oil' : 'wet-with-slip',
            ),
            $head->method->says(MethodQuestion::LeaveIn, 'none') ? null : Step::leaveIn(),
            $head->method->says(MethodQuestion::Oils, 'seal') ? Step::seal() : null,
        ];

        return array_values(array_filter($steps));
    }

    /** Some houses let a mask be followed by the rinse-out. */
    private function conditionsToo(Head $head): bool
    {
        return $this->masks() && $head->method->says(MethodQuestion::MaskAndConditioner, 'both');
    }

    private static function proteinMinutes(StepKind $protein, WashDayParameters $parameters): float
    {
        return $parameters->stepMinutes[$protein === StepKind::StrongProtein ? 'strong-protein' : 'mild-protein'];
    }

    /**
     * Minutes from the first step to the end of styling, drying left out; what may wait under a cap runs on by itself.
     */
    public function minutes(Head $head): float
    {
        $usual = $head->parameters->washDay;
        $minutes = $usual->stepMinutes;
        $sections = $head->sections;

        return $minutes['ready']
            + ($this->preWash === null ? 0.0 : $minutes['pre-wash'])
            + $sections * ($minutes['part-a-section'] + $minutes['detangle-a-section'] + $minutes['style-a-section'])
            + $this->passes * $minutes['pass'] + 2 * $minutes['rinse']
            + ($this->protein === null ? 0.0 : self::proteinMinutes($this->protein, $usual) + $minutes['rinse'])
            + $this->conditioningMinutes + ($this->conditionsToo($head) ? $minutes['conditioner'] : 0.0)
            + ($head->method->says(MethodQuestion::LeaveIn, 'none') ? 0.0 : $minutes['leave-in']);
    }
}
