<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Safety\Caution;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/**
 * What is done under the water: wetting, cleansing, protein, conditioner, mask and rinses. Common practice, no source,
 * where nothing else is said.
 */
final readonly class WaterSteps
{
    private const WASHED_AT = [
        'shower' => ['standing, head back, water from above', 'Standing: eyes and ears kept from the water.'],
        'basin' => ['at the basin, neck held', 'Basin: a rolled towel under the neck, ears and eyes covered.'],
        'outside' => ['outside, from jugs warmed beforehand', 'Outside: warm water for two rinses stands ready.'],
    ];

    private WashDayParameters $usual;

    /** @param bool $inStyle washed in a style that stays up: nothing is parted, detangled or styled */
    public function __construct(private Head $head, private bool $inStyle = false)
    {
        $this->usual = $head->parameters->washDay;
    }

    /** Hair that takes water in slowly is under the tap for longer. */
    public function wetThrough(): WashDayStep
    {
        $minutes = 0.0;
        foreach ($this->head->strata as $stratum) {
            $minutes += $stratum->share * $this->usual->wetThroughMinutes[$stratum->porosity->value];
        }

        return new WashDayStep(
            WashStepKind::WetThrough,
            'wet-through',
            'Wet thoroughly, ' . $this->washedAt(0),
            $minutes,
            water: 'warm',
            watch: [Caution::WaterHeat->sentence(), $this->washedAt(1)],
        );
    }

    private function washedAt(int $which): string
    {
        return self::WASHED_AT[$this->head->method->choice(MethodQuestion::WashedAt)][$which];
    }

    /**
     * One pass of a cleanse.
     *
     * @param int $nth of the day, from 1
     * @param int $of  passes of the day
     */
    public function cleanse(Step $step, int $nth, int $of, bool $isLast): WashDayStep
    {
        $sits = $step->cleanse === CleanseKind::ScalpCare ? $step->minutes ?? 0.0 : 0.0;
        $inSections = ! $this->inStyle && $this->head->method->says(MethodQuestion::ShampooSections, 'in-sections');
        $sections = $this->head->sectionsByWork->washing ?? $this->head->sections;
        $more = $inSections ? $sections * $this->usual->sectionMinutes['cleansing'] : 0.0;
        $of = $of > 1 ? ", pass {$nth}" : '';

        return new WashDayStep(
            WashStepKind::Cleanse,
            $of === '' ? 'cleanse' : "cleanse-{$nth}",
            ($sits > 0.0 ? 'Scalp shampoo' : 'Cleanse') . "{$of}: {$this->where($inSections)}",
            $this->usual->handsMinutes['cleanse'] + $more,
            waitingMinutes: $isLast ? $sits : 0.0,
            bySection: $inSections,
            uses: ProductKind::of($step),
            water: 'lukewarm',
            watch: array_values(array_filter([
                $this->head->soreScalp ? Caution::SoreScalp->sentence() : null,
                $nth === Step::MOST_PASSES ? 'A third pass only after a check for stripping.' : null,
            ])),
            books: $isLast ? $step : null,
            mostMinutes: $this->usual->mostMinutes['cleanse'],
            sections: $inSections ? $sections : null,
        );
    }

    private function where(bool $inSections): string
    {
        return match (true) {
            $this->inStyle => 'diluted, along the partings; let it run through the style',
            $this->head->method->says(MethodQuestion::ShampooReach, 'scalp-only')
                => 'the scalp with finger pads, let the suds run down the lengths',
            default => 'scalp first, then the lengths',
        } . ($inSections ? ', section by section' : '');
    }

    public function checkStripping(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::CheckStripping,
            'check-stripping',
            'Check between passes: does it squeak, drag or feel bare?',
            $this->usual->handsMinutes['check-stripping'],
            watch: ['Squeaks or drags: clean enough, no further pass.'],
        );
    }

    public function protein(Step $step): WashDayStep
    {
        $isStrong = $step->kind === StepKind::StrongProtein;

        return new WashDayStep(
            WashStepKind::Protein,
            'protein',
            $isStrong ? 'Strong protein' : 'Mild protein',
            $this->usual->handsMinutes['protein'],
            waitingMinutes: $step->minutes ?? $this->usual->usualProteinMinutes,
            uses: ProductKind::of($step),
            watch: [
                Caution::Protein->sentence(),
                $this->head->method->says(MethodQuestion::SnappingHair, 'moisture-first')
                    ? 'One wet hair stretched snaps short: the mask first, and leave the protein today.'
                    : 'One wet hair stretched snaps short: protein as planned, the mask after it.',
            ],
            books: $step,
            mostMinutes: max($step->minutes ?? 0.0, $this->usual->mostMinutes['protein']),
        );
    }

    /** Tea or rice water poured through; some houses leave it in. */
    public function herbRinse(bool $staysIn): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::HerbRinse,
            $staysIn ? 'herb-rinse-left-in' : 'herb-rinse',
            $staysIn ? 'Tea or rice rinse, left in' : 'Tea or rice rinse, then out',
            $this->usual->handsMinutes['herb-rinse'],
            waitingMinutes: $staysIn ? 0.0 : $this->usual->waitMinutes['herb-rinse'],
            uses: ProductKind::Rinse,
            watch: ['Made fresh: it keeps only days, cold.'],
            mostMinutes: $this->usual->mostMinutes['herb-rinse'],
        );
    }

    public function condition(Step $step): WashDayStep
    {
        $isMask = $step->kind === StepKind::Mask;
        $water = $this->head->method->says(MethodQuestion::MaskWater, 'add-water')
            ? 'add water for slip'
            : 'squeeze the water out first';
        $reach = $this->head->method->says(MethodQuestion::MaskReach, 'roots-too') ? 'roots too' : 'lengths only';
        $watch = array_values(array_filter([
            $step->heat ? Caution::HeatCap->sentence() : null,
            $isMask && $this->head->method->says(MethodQuestion::SnappingHair, 'protein-first')
                ? 'One wet hair stretched snaps short: ask whether protein is due before it.'
                : null,
        ]));

        return new WashDayStep(
            $isMask ? WashStepKind::Mask : WashStepKind::Conditioner,
            $isMask ? 'mask' : 'conditioner',
            $isMask ? "Mask: {$water}; {$reach}" : "Conditioner: {$water}; {$reach}",
            $this->head->sections * $this->usual->sectionMinutes['conditioning'],
            waitingMinutes: $step->minutes ?? $this->usual->usualConditionerMinutes,
            bySection: true,
            uses: ProductKind::of($step),
            heat: $step->heat,
            watch: $watch,
            books: $step,
            mostMinutes: max($step->minutes ?? 0.0, $this->usual->mostMinutes[$isMask ? 'mask' : 'conditioner']),
            sections: $this->head->sections,
        );
    }

    /** @param bool $isFinal the last one of the day, which some houses finish cool */
    public function rinse(string $label, bool $isFinal): WashDayStep
    {
        $cools = $isFinal && $this->head->method->says(MethodQuestion::RinseWater, 'warm-then-cool');

        return new WashDayStep(
            WashStepKind::Rinse,
            'rinse',
            $label . ($cools ? '; cool to finish' : ''),
            $this->usual->handsMinutes['rinse'],
            water: match (true) {
                $cools => 'warm, then cool',
                $this->head->method->says(MethodQuestion::RinseWater, 'warm-then-cool') => 'warm',
                default => 'lukewarm',
            },
        );
    }

    public function rinseAfterConditioning(bool $isFinal): WashDayStep
    {
        return $this->rinse(
            $this->head->method->says(MethodQuestion::Residue, 'leave-slip')
                ? 'Rinse, leave a little slip'
                : 'Rinse out fully: residue flakes under gel',
            $isFinal,
        );
    }
}
