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
 * Lays out a wash day from what is to be done, by the head's own method: every step of the trade in its order, with
 * minutes, tool, water, heat and what to watch.
 */
final class WashDayBuilder
{
    private const STYLING = [
        'rake' => 'Rake and smooth', 'coils' => 'Finger coils', 'twists' => 'Twists', 'braids' => 'Braids',
        'knots' => 'Knots',
    ];

    /** @var list<WashDayStep> */
    private array $steps = [];

    private int $rinses = 0;

    private int $passed = 0;

    private readonly WashDayParameters $usual;

    /** Washed in a style that stays up: there is nothing to part, to detangle or to style. */
    private readonly bool $inStyle;

    /** @param list<Step> $doing what is to be done to the balance, as planned */
    private function __construct(
        private readonly Head $head,
        private readonly array $doing,
        private readonly Pace $pace,
        private readonly DryingMethod $drying,
        private readonly float $style,
        private readonly StylingMethod $styling,
    ) {
        $this->usual = $head->parameters->washDay;
        $this->inStyle = $this->first(StepKind::Cleanse) !== null && $this->first(StepKind::Detangle) === null;
    }

    /**
     * @param list<Step> $doing
     * @param float      $style times the usual minutes of the styling
     */
    public static function plan(
        Head $head,
        array $doing,
        Pace $pace,
        DryingMethod $drying = DryingMethod::Air,
        float $style = 1.0,
        StylingMethod $styling = StylingMethod::Rake,
    ): WashDayPlan {
        return new WashDayPlan((new self($head, $doing, $pace, $drying, $style, $styling))->built());
    }

    /** @return non-empty-list<WashDayStep> */
    private function built(): array
    {
        $hands = $this->usual->handsMinutes;
        $detangles = $this->head->method->choice(MethodQuestion::Detangling);
        $ready = new WashDayStep(
            'ready',
            'Ready: nails, clean tools, product decanted; look and feel',
            $hands['ready'],
            watch: [Caution::Refer->sentence()],
        );
        $this->steps[] = $ready;
        $this->preWash();
        $this->part();
        $this->detangle('dry-with-oil', $detangles);
        $this->wetThrough();
        $this->detangle('wet-before-shampoo', $detangles);
        $this->cleanse($detangles);
        $this->protein();
        $this->condition($detangles);
        $this->detangle('after-rinse', $detangles);
        $this->steps[] = new WashDayStep(
            'squeeze',
            'Squeeze with a cotton shirt or microfibre, never rub',
            $hands['squeeze'],
        );
        $this->finish($detangles);

        return [$ready, ...array_slice($this->steps, 1)];
    }

    private function part(): void
    {
        if (! $this->inStyle) {
            $this->steps[] = new WashDayStep(
                'section',
                $this->head->sections === 1
                    ? 'Leave the hair in one section, clipped back'
                    : "Part into {$this->head->sections} sections, clip each",
                $this->bySections('section'),
                beside: true,
                bySection: true,
            );
        }
    }

    private function preWash(): void
    {
        $preWash = $this->first(StepKind::PreWash);
        if ($preWash === null) {
            return;
        }
        if ($preWash->eveningBefore) {
            // It has sat over night: nothing is left but to ask, and to rinse it out with the rest.
            $this->steps[] = new WashDayStep(
                'pre-wash-before',
                'Put on the evening before: skip this where it was not',
                0.0,
                books: $preWash,
            );

            return;
        }
        $this->steps[] = new WashDayStep(
            'pre-wash',
            'Pre-wash treatment, ends first, off the scalp',
            $this->usual->handsMinutes['pre-wash'],
            waitingMinutes: $preWash->minutes
                ?? $this->usual->preWashMinutes[$preWash->how === 'oil' ? 'oil' : 'other'],
            uses: ProductKind::PreWash,
            watch: ['1 to 2 mL are plenty: more needs more shampoo.'],
            books: $preWash,
        );
    }

    /** Hair that takes water in slowly is under the tap for longer. */
    private function wetThrough(): void
    {
        $minutes = 0.0;
        foreach ($this->head->strata as $stratum) {
            $minutes += $stratum->share * $this->usual->wetThroughMinutes[$stratum->porosity->value];
        }
        $this->steps[] = new WashDayStep(
            'wet-through',
            'Wet through',
            $minutes,
            water: 'warm',
            watch: [Caution::WaterHeat->sentence()],
        );
    }

    private function bySections(string $what): float
    {
        return $this->head->sections * $this->usual->sectionMinutes[$what];
    }

    private function first(StepKind ...$kinds): ?Step
    {
        foreach ($this->doing as $step) {
            if (in_array($step->kind, $kinds, true)) {
                return $step;
            }
        }

        return null;
    }

    private function detangle(string $here, string $when): void
    {
        $step = $this->first(StepKind::Detangle);
        if ($here !== $when || $step === null) {
            return;
        }
        $this->steps[] = new WashDayStep(
            'detangle',
            'Detangle from the ends upward, held above the knot',
            $this->head->sections * $this->pace->detangleASectionMinutes,
            $this->pace->detangleSpread,
            beside: $here === 'under-conditioner' || $here === 'dry-with-oil',
            bySection: true,
            tool: $step->tool,
            watch: ['Water before more product; massage a knot apart, snip it last.'],
            books: $step,
        );
    }

    private function rinse(string $label = 'Rinse, check the roots'): void
    {
        $this->rinses++;
        $this->steps[] = new WashDayStep(
            "rinse-{$this->rinses}",
            $label,
            $this->usual->handsMinutes['rinse'],
            water: 'lukewarm',
        );
    }

    private function cleanse(string $detangles): void
    {
        $cleanses = array_values(array_filter(
            $this->doing,
            static fn (Step $step): bool => $step->kind === StepKind::Cleanse,
        ));
        $passes = array_sum(array_map(static fn (Step $step): int => $step->passes, $cleanses));
        foreach ($cleanses as $step) {
            $this->passesOf($step, $passes);
        }
        if ($cleanses !== []) {
            $this->detangle('in-shampoo', $detangles);
            $this->rinse();
        }
    }

    /** @param int $of passes of all cleanses of the day */
    private function passesOf(Step $step, int $of): void
    {
        $uses = match ($step->cleanse) {
            CleanseKind::CoWash => ProductKind::CoWash,
            CleanseKind::Clarifying, CleanseKind::Chelating => ProductKind::Clarifier,
            default => ProductKind::Shampoo,
        };
        $where = match (true) {
            $this->inStyle => 'diluted, along the partings; let it run through the style',
            $this->head->method->says(MethodQuestion::ShampooReach, 'scalp-only')
                => 'the scalp with finger pads, the lengths by run-off',
            default => 'scalp first, then the lengths',
        };
        $sits = $step->cleanse === CleanseKind::ScalpCare ? $step->minutes ?? 0.0 : 0.0;
        for ($pass = 1; $pass <= $step->passes; $pass++) {
            $nth = ++$this->passed;
            $watch = array_values(array_filter([
                $this->head->soreScalp ? Caution::SoreScalp->sentence() : null,
                $nth === 3 ? 'A third pass only after a check for stripping.' : null,
            ]));
            $this->steps[] = new WashDayStep(
                $of > 1 ? "cleanse-{$nth}" : 'cleanse',
                ($sits > 0.0 ? 'Scalp shampoo' : 'Cleanse') . ($of > 1 ? ", pass {$nth}: " : ': ') . $where,
                $this->usual->handsMinutes['cleanse'],
                waitingMinutes: $pass === $step->passes ? $sits : 0.0,
                uses: $uses,
                water: 'lukewarm',
                watch: $watch,
                books: $pass === $step->passes ? $step : null,
            );
        }
    }

    private function protein(): void
    {
        $step = $this->first(StepKind::MildProtein, StepKind::StrongProtein);
        if ($step !== null) {
            $this->steps[] = new WashDayStep(
                'protein',
                $step->kind === StepKind::StrongProtein ? 'Strong protein' : 'Mild protein',
                $this->usual->handsMinutes['protein'],
                waitingMinutes: $step->minutes ?? 5.0,
                uses: ProductKind::Protein,
                watch: [Caution::Protein->sentence()],
                books: $step,
            );
            $this->rinse('Rinse the protein out');
        }
    }

    private function condition(string $detangles): void
    {
        foreach ($this->doing as $step) {
            if ($step->kind !== StepKind::Mask && $step->kind !== StepKind::Conditioner) {
                continue;
            }
            $mask = $step->kind === StepKind::Mask;
            $water = $this->head->method->says(MethodQuestion::MaskWater, 'add-water')
                ? 'add water for slip'
                : 'squeeze the water out first';
            $reach = $this->head->method->says(MethodQuestion::MaskReach, 'roots-too') ? 'roots too' : 'lengths only';
            $this->steps[] = new WashDayStep(
                $this->keyOf($mask ? 'mask' : 'conditioner'),
                $mask ? "Mask: {$water}; {$reach}" : "Conditioner: {$water}",
                $this->bySections('conditioning'),
                waitingMinutes: $step->minutes ?? 3.0,
                bySection: true,
                uses: $mask ? ProductKind::Mask : ProductKind::Conditioner,
                heat: $step->heat,
                watch: $step->heat ? [Caution::HeatCap->sentence()] : [],
                books: $step,
            );
            if (! $this->has('detangle')) {
                $this->detangle('under-conditioner', $detangles);
            }
            $this->rinse(
                $this->head->method->says(MethodQuestion::Residue, 'leave-slip')
                    ? 'Rinse, leave a little slip'
                    : 'Rinse out fully: residue flakes under gel',
            );
        }
    }

    /** A step done twice in a day is told apart from the first. */
    private function keyOf(string $key): string
    {
        for ($time = 2, $unique = $key; $this->has($unique); $time++) {
            $unique = "{$key}-{$time}";
        }

        return $unique;
    }

    private function has(string $key): bool
    {
        return in_array($key, array_map(static fn (WashDayStep $step): string => $step->key, $this->steps), true);
    }

    private function finish(string $detangles): void
    {
        $this->leaveInAndSeal();
        $this->scalpOil();
        $this->detangle('before-styler', $detangles);
        $this->style();
        $this->steps = [...$this->steps, ...DryingSteps::of($this->drying, $this->pace, $this->usual)];
        $this->steps[] = new WashDayStep(
            'tools',
            'Clean and disinfect combs, brushes and clips',
            $this->usual->handsMinutes['tools'],
            waitingMinutes: $this->usual->waitMinutes['tools'],
            watch: ['The full contact time of a registered disinfectant, before the next head; wipe the floor dry.'],
            afterClient: true,
        );
    }

    private function style(): void
    {
        if ($this->inStyle || $this->styling === StylingMethod::NotToday) {
            return;
        }
        $this->steps[] = new WashDayStep(
            'style',
            self::STYLING[$this->styling->value] . ', water with every product',
            $this->style * $this->head->sections * $this->styling->minutesASection($this->usual),
            $this->usual->spread['style'],
            bySection: true,
            uses: ProductKind::Styler,
        );
    }

    private function scalpOil(): void
    {
        $oil = $this->first(StepKind::ScalpOil);
        if ($oil !== null) {
            $this->steps[] = new WashDayStep(
                'scalp-oil',
                'Scalp oil or spray along the partings, a little',
                $this->usual->handsMinutes['scalp-oil'],
                uses: ProductKind::ScalpCare,
                watch: [Caution::EssentialOils->sentence()],
                books: $oil,
            );
        }
    }

    private function leaveInAndSeal(): void
    {
        $hands = $this->usual->handsMinutes;
        $leaveIn = $this->first(StepKind::LeaveIn);
        if ($leaveIn !== null) {
            $this->steps[] = new WashDayStep(
                'leave-in',
                'Leave-in on '
                    . ($this->head->method->says(MethodQuestion::StylingOn, 'damp') ? 'damp' : 'dripping')
                    . ' hair',
                $hands['leave-in'],
                uses: ProductKind::LeaveIn,
                books: $leaveIn,
            );
        }
        $seal = $this->first(StepKind::Seal);
        if ($seal !== null) {
            $this->steps[] = new WashDayStep(
                'seal',
                'Seal with oil or butter',
                $hands['seal'],
                uses: ProductKind::Oil,
                books: $seal,
            );
        }
    }
}
