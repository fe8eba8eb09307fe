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
use Nagomi\Core\Wording\Message;

/**
 * What is done under the water: wetting, cleansing, protein, conditioner, mask and rinses. Common practice, no source,
 * where nothing else is said.
 */
final readonly class WaterSteps
{
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

        $at = $this->head->method->choice(MethodQuestion::WashedAt);

        return new WashDayStep(
            WashStepKind::WetThrough,
            'wet-through',
            Message::of("wash-day.wet-through.{$at}"),
            $minutes,
            water: 'warm',
            watch: [Caution::WaterHeat->sentence(), Message::of("wash-day.washed-at.{$at}")],
        );
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

        return new WashDayStep(
            WashStepKind::Cleanse,
            $of > 1 ? "cleanse-{$nth}" : 'cleanse',
            Message::of(
                $of > 1 ? 'wash-day.cleanse-of-pass' : 'wash-day.cleanse-of',
                kind: Message::of('wash-day.kind.' . ($step->cleanse ?? CleanseKind::Gentle)->value),
                pass: $nth,
                where: $this->where($inSections),
            ),
            $this->usual->handsMinutes['cleanse'] + $more,
            waitingMinutes: $isLast ? $sits : 0.0,
            bySection: $inSections,
            uses: ProductKind::of($step),
            water: 'lukewarm',
            watch: array_values(array_filter([
                $this->head->soreScalp ? Caution::SoreScalp->sentence() : null,
                $nth === Step::MOST_PASSES ? Message::of('wash-day.watch.third-pass') : null,
            ])),
            books: $isLast ? $step : null,
            mostMinutes: $this->usual->mostMinutes['cleanse'],
            sections: $inSections ? $sections : null,
        );
    }

    private function where(bool $inSections): Message
    {
        $where = Message::of('wash-day.where.' . match (true) {
            $this->inStyle => 'in-style',
            $this->head->method->says(MethodQuestion::ShampooReach, 'scalp-only') => 'scalp-only',
            default => 'all',
        });

        return $inSections ? Message::of('wash-day.where.by-section', where: $where) : $where;
    }

    public function checkStripping(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::CheckStripping,
            'check-stripping',
            Message::of('wash-day.check-stripping'),
            $this->usual->handsMinutes['check-stripping'],
            watch: [Message::of('wash-day.watch.squeaks')],
        );
    }

    public function protein(Step $step): WashDayStep
    {
        $isStrong = $step->kind === StepKind::StrongProtein;

        return new WashDayStep(
            WashStepKind::Protein,
            'protein',
            Message::of($isStrong ? 'wash-day.strong-protein' : 'wash-day.mild-protein'),
            $this->usual->handsMinutes['protein'],
            waitingMinutes: $step->minutes ?? $this->usual->usualProteinMinutes,
            uses: ProductKind::of($step),
            watch: [
                Caution::Protein->sentence(),
                Message::of($this->head->method->says(MethodQuestion::SnappingHair, 'moisture-first')
                    ? 'wash-day.watch.snaps-mask-first'
                    : 'wash-day.watch.snaps-protein-as-planned'),
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
            Message::of($staysIn ? 'wash-day.herb-rinse-left-in' : 'wash-day.herb-rinse'),
            $this->usual->handsMinutes['herb-rinse'],
            waitingMinutes: $staysIn ? 0.0 : $this->usual->waitMinutes['herb-rinse'],
            uses: ProductKind::Rinse,
            watch: [Message::of('wash-day.watch.made-fresh')],
            mostMinutes: $this->usual->mostMinutes['herb-rinse'],
        );
    }

    public function condition(Step $step): WashDayStep
    {
        $isMask = $step->kind === StepKind::Mask;
        $water = $this->head->method->says(MethodQuestion::MaskWater, 'add-water') ? 'add-water' : 'squeeze-first';
        $reach = $this->head->method->says(MethodQuestion::MaskReach, 'roots-too') ? 'roots-too' : 'lengths-only';
        $watch = array_values(array_filter([
            $step->heat ? Caution::HeatCap->sentence() : null,
            $isMask && $this->head->method->says(MethodQuestion::SnappingHair, 'protein-first')
                ? Message::of('wash-day.watch.snaps-ask-for-protein')
                : null,
        ]));

        return new WashDayStep(
            $isMask ? WashStepKind::Mask : WashStepKind::Conditioner,
            $isMask ? 'mask' : 'conditioner',
            Message::of(
                match (true) {
                    $isMask && $step->heat => 'wash-day.mask-heat',
                    $isMask => 'wash-day.mask',
                    default => 'wash-day.conditioner',
                },
                water: Message::of("wash-day.condition.{$water}"),
                reach: Message::of("wash-day.condition.{$reach}"),
            ),
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

    /**
     * @param 'check-roots'|'protein'|'leave-slip'|'fully' $how
     * @param bool $isFinal the last one of the day, which some houses finish cool
     */
    public function rinse(string $how, bool $isFinal): WashDayStep
    {
        $cools = $isFinal && $this->head->method->says(MethodQuestion::RinseWater, 'warm-then-cool');

        return new WashDayStep(
            WashStepKind::Rinse,
            'rinse',
            Message::of(
                $cools ? 'wash-day.rinse-cool' : 'wash-day.rinse-plain',
                how: Message::of("wash-day.rinse.{$how}"),
            ),
            $this->usual->handsMinutes['rinse'],
            water: match (true) {
                $cools => 'warm-then-cool',
                $this->head->method->says(MethodQuestion::RinseWater, 'warm-then-cool') => 'warm',
                default => 'lukewarm',
            },
        );
    }

    public function rinseAfterConditioning(bool $isFinal): WashDayStep
    {
        return $this->rinse(
            $this->head->method->says(MethodQuestion::Residue, 'leave-slip')
                ? 'leave-slip'
                : 'fully',
            $isFinal,
        );
    }
}
