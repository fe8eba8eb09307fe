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
     * @param bool          $oils         what the house does with oil it does on this day as well
     * @param bool          $preWashBefore the pre-wash is put on the evening before
     * @param bool          $inStyle      washed in a style that stays up: neither parted, detangled nor styled
     * @param bool          $stylesAfter  styled on the day after
     * @param float|null    $proteinMinutes that protein sits; null: what is usual
     * @param bool          $oilsScalp    where the house oils the scalp, it does on this day
     */
    public function __construct(
        public CleanseKind $cleanse,
        public int $passes,
        public StepKind $conditioning,
        public float $conditioningMinutes,
        public bool $heat = false,
        public ?StepKind $protein = null,
        public ?string $preWash = null,
        public bool $oilsScalp = true,
        public bool $oils = true,
        public bool $preWashBefore = false,
        public bool $inStyle = false,
        public bool $stylesAfter = false,
        public ?float $proteinMinutes = null,
    ) {
    }

    /** One for each way that differs: of two with the same name the steps are the same. */
    public function name(): string
    {
        return implode(' ', [
            $this->cleanse->value, $this->passes, $this->conditioning->value, $this->conditioningMinutes,
            (int) $this->heat, $this->protein->value ?? '', $this->preWash ?? '', (int) $this->oilsScalp,
            (int) $this->oils, (int) $this->preWashBefore, (int) $this->inStyle, (int) $this->stylesAfter,
            $this->proteinMinutes ?? '',
        ]);
    }

    public function masks(): bool
    {
        return $this->conditioning === StepKind::Mask;
    }

    /**
     * The same day without one kind of treatment, of any strength: a mask falls back to a rinse-out and takes the strong
     * protein with it, which is never left without its mask; a clarifying cleanse falls back to the usual one. Reasons
     * and what-if mean this by without.
     */
    public function without(StepKind $treatment, CleanseKind $usual, WashDayParameters $parameters): self
    {
        $isStrong = $this->protein === StepKind::StrongProtein;

        return match ($treatment) {
            StepKind::Mask => new self(...[
                ...$this->all(),
                'conditioning' => StepKind::Conditioner,
                'conditioningMinutes' => $parameters->stepMinutes['conditioner'],
                'heat' => false,
                'protein' => $isStrong ? null : $this->protein,
            ]),
            StepKind::Cleanse => new self(...[...$this->all(), 'cleanse' => $usual]),
            default => new self(...[...$this->all(), 'protein' => null]),
        };
    }

    /** The same way without what a child never gets: nothing hot, nothing strong. */
    public function forAChild(): self
    {
        $isStrong = $this->protein === StepKind::StrongProtein;

        return new self(...[...$this->all(), 'heat' => false, 'protein' => $isStrong ? null : $this->protein]);
    }

    /**
     * @return array{
     *     cleanse: CleanseKind, passes: int, conditioning: StepKind, conditioningMinutes: float, heat: bool,
     *     protein: StepKind|null, preWash: string|null, oilsScalp: bool, oils: bool, preWashBefore: bool,
     *     inStyle: bool, stylesAfter: bool, proteinMinutes: float|null,
     * }
     */
    private function all(): array
    {
        return [
            'cleanse' => $this->cleanse,
            'passes' => $this->passes,
            'conditioning' => $this->conditioning,
            'conditioningMinutes' => $this->conditioningMinutes,
            'heat' => $this->heat,
            'protein' => $this->protein,
            'preWash' => $this->preWash,
            'oilsScalp' => $this->oilsScalp,
            'oils' => $this->oils,
            'preWashBefore' => $this->preWashBefore,
            'inStyle' => $this->inStyle,
            'stylesAfter' => $this->stylesAfter,
            'proteinMinutes' => $this->proteinMinutes,
        ];
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

    /** Masks, protein and clarifying: what is done beyond a plain wash. */
    public function countedTreatments(): int
    {
        return (int) $this->masks() + (int) ($this->protein !== null) + (int) $this->cleanse->clarifies();
    }

    /** @return list<Step> in the order they are done */
    public function steps(Head $head): array
    {
        $usual = $head->parameters->washDay;
        $when = $head->method->choice(MethodQuestion::Detangling);
        $detangledAt = fn (string ...$moments): ?Step => in_array($when, $moments, true)
            ? $this->detangle($head)
            : null;
        $steps = [
            $this->preWash === null
                ? null
                : Step::preWash($this->preWash, $usual->stepMinutes['pre-wash'], $this->preWashBefore),
            $detangledAt('dry-with-oil', 'wet-before-shampoo'),
            ...$this->cleanses($head),
            $detangledAt('in-shampoo'),
            $this->protein === null ? null : new Step($this->protein, $this->sits($this->protein, $usual)),
            new Step($this->conditioning, $this->conditioningMinutes, $this->heat),
            $this->conditionsToo($head) ? Step::conditioner($usual->stepMinutes['conditioner']) : null,
            $detangledAt('under-conditioner', 'after-rinse'),
            $head->method->says(MethodQuestion::LeaveIn, 'none') ? null : Step::leaveIn(),
            $this->oils && $head->method->says(MethodQuestion::Oils, 'seal') ? Step::seal() : null,
            $this->oils && $this->oilsScalp && ! $head->method->says(
                MethodQuestion::Scalp,
                'bare',
            ) ? Step::scalpOil() : null,
            $detangledAt('before-styler'),
        ];

        return array_values(array_filter($steps));
    }

    private function detangle(Head $head): ?Step
    {
        $tools = ['fingers' => 'fingers', 'fingers-comb' => 'comb', 'fingers-comb-brush' => 'brush'];

        return $this->inStyle ? null : Step::detangle(
            max(
                Step::LEAST_MINUTES,
                $head->sections * $head->parameters->washDay->stepMinutes['detangle-a-section'],
            ),
            $tools[$head->method->choice(MethodQuestion::Tools)] ?? 'comb',
            $head->method->says(MethodQuestion::Detangling, 'dry-with-oil') ? 'dry-with-oil' : 'wet-with-slip',
        );
    }

    /** @return non-empty-list<Step> */
    private function cleanses(Head $head): array
    {
        $twoKinds = $head->method->says(MethodQuestion::Cleansing, 'clarify-then-moisturise');

        return match (true) {
            $this->cleanse === CleanseKind::ScalpCare => [
                Step::cleanse($this->cleanse, $this->passes, $head->parameters->scalp->contactMinutes),
            ],
            // One pass that clarifies, and one that is kind to the lengths.
            $twoKinds && $this->cleanse->clarifies() && $this->passes === 2 => [
                Step::cleanse($this->cleanse),
                Step::cleanse(CleanseKind::Gentle),
            ],
            default => [Step::cleanse($this->cleanse, $this->passes)],
        };
    }

    /** The same way, cleansed with something else. */
    public function cleansedWith(CleanseKind $cleanse): self
    {
        $passes = $cleanse === CleanseKind::ScalpCare ? 1 : $this->passes;

        return new self(...[...$this->all(), 'cleanse' => $cleanse, 'passes' => $passes]);
    }

    /** The same way without what the house does with oil after the wash. */
    public function withoutOils(): self
    {
        return new self(...[...$this->all(), 'oils' => false]);
    }

    /** The same way with its pre-wash on the day itself, or on the evening before. */
    public function preWashed(bool $before): self
    {
        return new self(...[...$this->all(), 'preWashBefore' => $before]);
    }

    /** The same way, styled on the day itself or on the one after. */
    public function styled(bool $after): self
    {
        return new self(...[...$this->all(), 'stylesAfter' => $after]);
    }

    /** The same way with strong protein. */
    public function strengthened(): self
    {
        return new self(...[...$this->all(), 'protein' => StepKind::StrongProtein]);
    }

    /** The same way with the scalp left bare. */
    public function withoutScalpOil(): self
    {
        return new self(...[...$this->all(), 'oilsScalp' => false]);
    }

    /** Some houses let a mask be followed by the rinse-out. */
    private function conditionsToo(Head $head): bool
    {
        return $this->masks() && $head->method->says(MethodQuestion::MaskAndConditioner, 'both');
    }

    /** Minutes that protein sits. */
    private function sits(StepKind $protein, WashDayParameters $usual): float
    {
        return $this->proteinMinutes ?? $usual->stepMinutes[$protein->value];
    }

    /**
     * Minutes from the first step to the end of styling, drying left out; what may wait under a cap runs on by itself.
     */
    public function minutes(Head $head): float
    {
        $usual = $head->parameters->washDay;
        $minutes = $usual->stepMinutes;
        $sections = $this->inStyle ? 0 : $head->sections;

        return $minutes['ready']
            + ($this->preWash === null || $this->preWashBefore ? 0.0 : $minutes['pre-wash'])
            + $sections * ($minutes['part-a-section'] + $minutes['detangle-a-section'])
            + ($this->stylesAfter ? 0.0 : $sections * $minutes['style-a-section'])
            + $this->passes * $minutes['pass'] + 2 * $minutes['rinse']
            + ($this->cleanse === CleanseKind::ScalpCare ? $head->parameters->scalp->contactMinutes : 0.0)
            + ($this->protein === null ? 0.0 : $this->sits($this->protein, $usual) + $minutes['rinse'])
            + $this->conditioningMinutes + ($this->conditionsToo($head) ? $minutes['conditioner'] : 0.0)
            + ($head->method->says(MethodQuestion::LeaveIn, 'none') ? 0.0 : $minutes['leave-in']);
    }
}
