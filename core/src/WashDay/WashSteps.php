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
 * Every step a wash day can have, as it is done on one head by its own method: minutes, tool, water, heat and what to
 * watch. Common practice, no source, where nothing else is said.
 */
final readonly class WashSteps
{
    private const STYLING = [
        'rake' => 'Rake and smooth', 'coils' => 'Finger coils', 'twists' => 'Twists', 'braids' => 'Braids',
        'knots' => 'Knots',
    ];
    private const PRE_WASH = [
        'oil' => 'Pre-wash oil', 'conditioner' => 'Conditioner as a pre-wash', 'mix' => 'Pre-wash mix',
    ];
    private const FOR_THE_NIGHT = [
        'satin' => 'For the night: satin or silk, tied up loosely.',
        'cotton' => 'For the night on cotton: in loose plaits, as it rubs.',
    ];
    private const WASHED_AT = [
        'shower' => ['standing, head back, water from above', 'Standing: eyes and ears kept from the water.'],
        'basin' => ['at the basin, neck held', 'Basin: a rolled towel under the neck, ears and eyes covered.'],
        'outside' => ['outside, from jugs warmed beforehand', 'Outside: warm water enough for two rinses stands ready.'],
    ];

    private WashDayParameters $usual;

    /** @param bool $inStyle washed in a style that stays up: nothing is parted, detangled or styled */
    public function __construct(private Head $head, private Pace $pace, private bool $inStyle = false)
    {
        $this->usual = $head->parameters->washDay;
    }

    private function says(MethodQuestion $question, string ...$anyOf): bool
    {
        return $this->head->method->says($question, ...$anyOf);
    }

    private function bySections(string $what): float
    {
        return $this->head->sections * $this->usual->sectionMinutes[$what];
    }

    public function ready(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Ready,
            'ready',
            'Ready: nails, clean tools, product decanted; look and feel',
            $this->usual->handsMinutes['ready'],
            watch: [Caution::Refer->sentence()],
        );
    }

    /** @param float $minutes that the worn style takes to come down */
    public function takeDown(float $minutes): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::TakeDown,
            'take-down',
            'Take the old style down, oil on what is matted',
            $minutes,
            $this->usual->spread['detangle'],
            watch: ['From the ends upward; what has grown together is oiled and left a while, never pulled.'],
        );
    }

    public function preWash(Step $step): WashDayStep
    {
        $least = $this->usual->preWashMinutes[$step->how === 'oil' ? 'oil' : 'other'];

        return new WashDayStep(
            WashStepKind::PreWash,
            'pre-wash',
            self::PRE_WASH[$step->how ?? 'mix'] . ', ends first, off the scalp',
            $this->usual->handsMinutes['pre-wash'],
            waitingMinutes: $step->minutes ?? $least,
            uses: ProductKind::PreWash,
            watch: [$step->how === 'oil'
                ? '1 to 2 mL are plenty: more needs more shampoo.'
                : 'Under a cap, so that it does not dry in.'],
            books: $step,
            // Planned shorter than the trade says, it was planned so for a reason.
            leastMinutes: min($step->minutes ?? $least, $least),
        );
    }

    /** It has sat over night: nothing is left but to ask, and to rinse it out with the rest. */
    public function preWashBefore(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::PreWash,
            'pre-wash-before',
            'Put on the evening before: skip this where it was not',
            0.0,
            books: $step,
        );
    }

    public function part(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Part,
            'section',
            $this->head->sections === 1
                ? 'Leave the hair in one section, clipped back'
                : "Part into {$this->head->sections} sections, clip each",
            $this->bySections('section'),
            beside: true,
            bySection: true,
            sections: $this->head->sections,
        );
    }

    /** @param string $when an answer to the question when to detangle */
    public function detangle(Step $step, string $when): WashDayStep
    {
        $isDry = $when === 'dry-with-oil';
        $watch = ['Water before more product; massage a knot apart, snip it last.'];
        if (! $isDry && $this->says(MethodQuestion::WetHair, 'wet-breaks')) {
            $watch[] = 'Wet, it breaks soonest: no pulling, fingers where a comb halts.';
        }

        return new WashDayStep(
            WashStepKind::Detangle,
            'detangle',
            'Detangle from the ends upward, held above the knot',
            $this->head->sections * $this->pace->detangleASectionMinutes,
            $this->pace->detangleSpread,
            beside: $when === 'under-conditioner' || $isDry,
            bySection: true,
            tool: $step->tool,
            watch: $watch,
            books: $step,
            sections: $this->head->sections,
        );
    }

    private function washedAt(int $which): string
    {
        return self::WASHED_AT[$this->head->method->choice(MethodQuestion::WashedAt)][$which];
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
            'Wet through, ' . $this->washedAt(0),
            $minutes,
            water: 'warm',
            watch: [Caution::WaterHeat->sentence(), $this->washedAt(1)],
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
        $inSections = ! $this->inStyle && $this->says(MethodQuestion::ShampooSections, 'in-sections');
        $of = $of > 1 ? ", pass {$nth}" : '';

        return new WashDayStep(
            WashStepKind::Cleanse,
            $of === '' ? 'cleanse' : "cleanse-{$nth}",
            ($sits > 0.0 ? 'Scalp shampoo' : 'Cleanse') . "{$of}: {$this->where($inSections)}",
            $this->usual->handsMinutes['cleanse'] + ($inSections ? $this->bySections('cleansing') : 0.0),
            waitingMinutes: $isLast ? $sits : 0.0,
            bySection: $inSections,
            uses: self::cleanser($step),
            water: 'lukewarm',
            watch: array_values(array_filter([
                $this->head->soreScalp ? Caution::SoreScalp->sentence() : null,
                $nth === Step::MOST_PASSES ? 'A third pass only after a check for stripping.' : null,
            ])),
            books: $isLast ? $step : null,
            mostMinutes: $this->usual->mostMinutes['cleanse'],
            sections: $inSections ? $this->head->sections : null,
        );
    }

    private static function cleanser(Step $step): ProductKind
    {
        return match ($step->cleanse) {
            CleanseKind::CoWash => ProductKind::CoWash,
            CleanseKind::Clarifying, CleanseKind::Chelating => ProductKind::Clarifier,
            default => ProductKind::Shampoo,
        };
    }

    private function where(bool $inSections): string
    {
        return match (true) {
            $this->inStyle => 'diluted, along the partings; let it run through the style',
            $this->says(MethodQuestion::ShampooReach, 'scalp-only')
                => 'the scalp with finger pads, the lengths by run-off',
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
            uses: ProductKind::Protein,
            watch: [
                Caution::Protein->sentence(),
                $this->says(MethodQuestion::SnappingHair, 'moisture-first')
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
        $water = $this->says(MethodQuestion::MaskWater, 'add-water')
            ? 'add water for slip'
            : 'squeeze the water out first';
        $reach = $this->says(MethodQuestion::MaskReach, 'roots-too') ? 'roots too' : 'lengths only';
        $watch = array_values(array_filter([
            $step->heat ? Caution::HeatCap->sentence() : null,
            $isMask && $this->says(MethodQuestion::SnappingHair, 'protein-first')
                ? 'One wet hair stretched snaps short: ask whether protein is due before it.'
                : null,
        ]));

        return new WashDayStep(
            $isMask ? WashStepKind::Mask : WashStepKind::Conditioner,
            $isMask ? 'mask' : 'conditioner',
            $isMask ? "Mask: {$water}; {$reach}" : "Conditioner: {$water}; {$reach}",
            $this->bySections('conditioning'),
            waitingMinutes: $step->minutes ?? $this->usual->usualConditionerMinutes,
            bySection: true,
            uses: $isMask ? ProductKind::Mask : ProductKind::Conditioner,
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
        $cools = $isFinal && $this->says(MethodQuestion::RinseWater, 'warm-then-cool');

        return new WashDayStep(
            WashStepKind::Rinse,
            'rinse',
            $label . ($cools ? '; cool to finish' : ''),
            $this->usual->handsMinutes['rinse'],
            water: match (true) {
                $cools => 'warm, then cool',
                $this->says(MethodQuestion::RinseWater, 'warm-then-cool') => 'warm',
                default => 'lukewarm',
            },
        );
    }

    public function rinseAfterConditioning(bool $isFinal): WashDayStep
    {
        return $this->rinse(
            $this->says(MethodQuestion::Residue, 'leave-slip')
                ? 'Rinse, leave a little slip'
                : 'Rinse out fully: residue flakes under gel',
            $isFinal,
        );
    }

    public function squeeze(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Squeeze,
            'squeeze',
            'Squeeze with a cotton shirt or microfibre, never rub',
            $this->usual->handsMinutes['squeeze'],
        );
    }

    public function wrap(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Wrap,
            'wrap',
            'Wrap in a cotton shirt or microfibre',
            $this->usual->handsMinutes['wrap'],
            waitingMinutes: $this->usual->waitMinutes['wrap'],
        );
    }

    public function leaveIn(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::LeaveIn,
            'leave-in',
            'Leave-in on '
                . ($this->says(MethodQuestion::StylingOn, 'damp') ? 'damp' : 'dripping')
                . ' hair',
            $this->usual->handsMinutes['leave-in'],
            uses: ProductKind::LeaveIn,
            books: $step,
        );
    }

    public function seal(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Seal,
            'seal',
            'Seal with oil or butter',
            $this->usual->handsMinutes['seal'],
            uses: ProductKind::Oil,
            books: $step,
        );
    }

    public function scalpOil(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::ScalpOil,
            'scalp-oil',
            'Scalp oil or spray along the partings, a little',
            $this->usual->handsMinutes['scalp-oil'],
            uses: ProductKind::ScalpCare,
            watch: [Caution::EssentialOils->sentence()],
            books: $step,
        );
    }

    /** Keeps it damp until it is styled; on hair that is wet from the wash it changes nothing. */
    public function mist(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Mist,
            'mist',
            'Mist what has begun to dry',
            $this->usual->handsMinutes['mist'],
            watch: ['Water only; eyes and ears covered.'],
        );
    }

    /** @param float $times the usual minutes */
    public function style(StylingMethod $styling, float $times = 1.0): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Style,
            'style',
            self::STYLING[$styling->value] . ', water with every product',
            $times * $this->head->sections * $styling->minutesASection($this->usual),
            $this->usual->spread['style'],
            bySection: true,
            uses: ProductKind::Styler,
            watch: [self::FOR_THE_NIGHT[$this->head->method->choice(MethodQuestion::Night)]],
            sections: $this->head->sections,
        );
    }

    /** A second styler over the one that defines, to lock it. */
    public function lock(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Style,
            'style-lock',
            'Second styler to lock it: smooth over, scrunch out the excess',
            $this->bySections('locking'),
            bySection: true,
            uses: ProductKind::Styler,
            watch: ['In the palms with water first; what turns white and flakes does not go with the first.'],
            sections: $this->head->sections,
        );
    }

    public function breakCast(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::BreakCast,
            'break-cast',
            'Scrunch the cast out, only when fully dry',
            $this->usual->handsMinutes['break-cast'],
        );
    }

    public function trim(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Trim,
            'trim',
            'Trim with sharp shears, ' . (
                $this->says(MethodQuestion::Trim, 'stretched') ? 'on stretched hair' : 'while it is detangled'
            ),
            $this->usual->handsMinutes['trim'],
            watch: ['Knots, splits and thin tips first; shape only as agreed.'],
            books: $step,
        );
    }

    public function tools(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Tools,
            'tools',
            'Clean and disinfect combs, brushes and clips',
            $this->usual->handsMinutes['tools'],
            waitingMinutes: $this->usual->waitMinutes['tools'],
            watch: ['The full contact time of a registered disinfectant, before the next head; wipe the floor dry.'],
            afterClient: true,
        );
    }
}
