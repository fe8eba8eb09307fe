<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameter\BasinModel;
use Nagomi\Core\Safety\Caution;
use Nagomi\Core\Shelf\ProductKind;
use Nagomi\Core\Treatment\CleanseKind;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;

/** Lays out a wash day from what is to be done, by the head's own method: every step of the trade in its order, with minutes, tool, water, heat and what to watch. */
final class BasinBuilder
{
    private const STYLING = ['rake' => 'Rake and smooth', 'coils' => 'Finger coils', 'twists' => 'Twists', 'braids' => 'Braids', 'knots' => 'Knots'];

    /** @var list<BasinStep> */
    private array $steps = [];

    private int $rinses = 0;

    /** @param list<Step> $doing what is to be done to the balance, as planned */
    private function __construct(private readonly Head $head, private readonly array $doing, private readonly Pace $pace, private readonly Drying $drying, private readonly float $style, private readonly Styling $styling)
    {
    }

    /**
     * @param list<Step> $doing
     * @param float      $style times the usual minutes of the styling
     */
    public static function plan(Head $head, array $doing, Pace $pace, Drying $drying = Drying::Air, float $style = 1.0, Styling $styling = Styling::Rake): BasinPlan
    {
        return new BasinPlan((new self($head, $doing, $pace, $drying, $style, $styling))->built());
    }

    /** @return non-empty-list<BasinStep> */
    private function built(): array
    {
        $hands = BasinModel::HANDS_MINUTES;
        $detangles = $this->head->method->choice(MethodQuestion::Detangling);
        $ready = new BasinStep('ready', 'Ready: nails, clean tools, product decanted; look and feel', $hands['ready'], watch: [Caution::Refer->sentence()]);
        $this->steps[] = $ready;
        $preWash = $this->first(StepKind::PreWash);
        if ($preWash !== null) {
            $minutes = $preWash->minutes ?? BasinModel::PRE_WASH_MINUTES[$preWash->how === 'oil' ? 'oil' : 'other'];
            $this->steps[] = new BasinStep('pre-wash', 'Pre-wash treatment, ends first, off the scalp', $hands['pre-wash'], waitingMinutes: $minutes, uses: ProductKind::PreWash, watch: ['1 to 2 mL are plenty: more needs more shampoo.'], books: $preWash);
        }
        $this->steps[] = new BasinStep('section', "Part into {$this->head->sections} sections, clip each", $this->bySections('section'), beside: true, bySection: true);
        $this->detangle('dry-with-oil', $detangles);
        $porosity = 0.0;
        foreach ($this->head->strata as $stratum) {
            $porosity += $stratum->share * BasinModel::WET_THROUGH_MINUTES[$stratum->porosity->value];
        }
        $this->steps[] = new BasinStep('wet-through', 'Wet through', $porosity, water: 'warm', watch: [Caution::WaterHeat->sentence()]);
        $this->detangle('wet-before-shampoo', $detangles);
        $this->cleanse($detangles);
        $this->protein();
        $this->condition($detangles);
        $this->detangle('after-rinse', $detangles);
        $this->steps[] = new BasinStep('squeeze', 'Squeeze with a cotton shirt or microfibre, never rub', $hands['squeeze']);
        $this->finish($detangles);

        return [$ready, ...array_slice($this->steps, 1)];
    }

    private function bySections(string $what): float
    {
        return $this->head->sections * BasinModel::SECTION_MINUTES[$what];
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
        $this->steps[] = new BasinStep(
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
        $this->steps[] = new BasinStep("rinse-{$this->rinses}", $label, BasinModel::HANDS_MINUTES['rinse'], water: 'lukewarm');
    }

    private function cleanse(string $detangles): void
    {
        $step = $this->first(StepKind::Cleanse);
        if ($step === null) {
            return;
        }
        $uses = match ($step->cleanse) {
            CleanseKind::CoWash => ProductKind::CoWash,
            CleanseKind::Clarifying, CleanseKind::Chelating => ProductKind::Clarifier,
            default => ProductKind::Shampoo,
        };
        $where = $this->head->method->says(MethodQuestion::ShampooReach, 'scalp-only') ? 'the scalp with finger pads, the lengths by run-off' : 'scalp first, then the lengths';
        for ($pass = 1; $pass <= $step->passes; $pass++) {
            $watch = array_values(array_filter([$this->head->soreScalp ? Caution::SoreScalp->sentence() : null, $pass === 3 ? 'A third pass only after a check for stripping.' : null]));
            $this->steps[] = new BasinStep($step->passes > 1 ? "cleanse-{$pass}" : 'cleanse', ($step->passes > 1 ? "Cleanse, pass {$pass}: " : 'Cleanse: ') . $where, BasinModel::HANDS_MINUTES['cleanse'], uses: $uses, water: 'lukewarm', watch: $watch, books: $pass === $step->passes ? $step : null);
        }
        $this->detangle('in-shampoo', $detangles);
        $this->rinse();
    }

    private function protein(): void
    {
        $step = $this->first(StepKind::MildProtein, StepKind::StrongProtein);
        if ($step !== null) {
            $this->steps[] = new BasinStep('protein', $step->kind === StepKind::StrongProtein ? 'Strong protein' : 'Mild protein', BasinModel::HANDS_MINUTES['protein'], waitingMinutes: $step->minutes ?? 5.0, uses: ProductKind::Protein, watch: [Caution::Protein->sentence()], books: $step);
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
            $water = $this->head->method->says(MethodQuestion::MaskWater, 'add-water') ? 'add water for slip' : 'squeeze the water out first';
            $reach = $this->head->method->says(MethodQuestion::MaskReach, 'roots-too') ? 'roots too' : 'lengths only';
            $this->steps[] = new BasinStep(
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
            $this->rinse($this->head->method->says(MethodQuestion::Residue, 'leave-slip') ? 'Rinse, leave a little slip' : 'Rinse out fully: residue flakes under gel');
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
        return in_array($key, array_map(static fn (BasinStep $step): string => $step->key, $this->steps), true);
    }

    private function finish(string $detangles): void
    {
        $hands = BasinModel::HANDS_MINUTES;
        $leaveIn = $this->first(StepKind::LeaveIn);
        if ($leaveIn !== null) {
            $this->steps[] = new BasinStep('leave-in', 'Leave-in on ' . ($this->head->method->says(MethodQuestion::StylingOn, 'damp') ? 'damp' : 'dripping') . ' hair', $hands['leave-in'], uses: ProductKind::LeaveIn, books: $leaveIn);
        }
        $seal = $this->first(StepKind::Seal);
        if ($seal !== null) {
            $this->steps[] = new BasinStep('seal', 'Seal with oil or butter', $hands['seal'], uses: ProductKind::Oil, books: $seal);
        }
        $this->detangle('before-styler', $detangles);
        $this->steps[] = new BasinStep('style', self::STYLING[$this->styling->value] . ', water with every product', $this->style * $this->head->sections * $this->styling->minutesASection(), BasinModel::SPREAD['style'], bySection: true, uses: ProductKind::Styler);
        if ($this->drying !== Drying::LeavesDamp) {
            [$minutes, $spread] = $this->drying === Drying::Air ? [$this->pace->airDryMinutes, $this->pace->drySpread] : [BasinModel::DRY_MINUTES[$this->drying->value], BasinModel::SPREAD['dry']];
            $by = ['air' => 'in the air', 'diffuse' => 'with the diffuser, medium or low', 'hood' => 'under the hood, stepped down from warm to cool'][$this->drying->value];
            $watch = $this->drying === Drying::Hood ? [Caution::HeatCap->sentence()] : [];
            if ($this->drying === Drying::Hood) {
                $by .= ': a third warm, a third medium, a third cool';
            }
            // A diffuser is held; air and hood leave the hands free.
            $this->steps[] = $this->drying === Drying::Diffuse
                ? new BasinStep('dry', "Dry {$by}, to 80 or 90 %", $minutes, $spread, heat: true)
                : new BasinStep('dry', "Dry {$by}", 0.5, waitingMinutes: $minutes, waitSpread: $spread, heat: $this->drying === Drying::Hood, watch: $watch);
            $this->steps[] = new BasinStep('break-cast', 'Scrunch the cast out, only when fully dry', $hands['break-cast']);
        }
        $this->steps[] = new BasinStep('tools', 'Clean and disinfect combs, brushes and clips', $hands['tools'], waitingMinutes: BasinModel::WAIT_MINUTES['tools'], watch: ['The full contact time of a registered disinfectant, before the next head; wipe the floor dry.'], afterClient: true);
    }
}
