<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** Every step that can be put into a wash day of one head, each once, as it would be done there. */
final readonly class WashStepPalette
{
    private const PRE_WASHES = ['oil', 'conditioner', 'mix'];
    private const DRYINGS = ['air', 'fan', 'diffuse-high', 'diffuse-medium', 'diffuse-cool', 'hood'];
    private const HEATED = ['diffuse-high', 'diffuse-medium', 'hood'];
    private const TOOLS = ['fingers' => 'fingers', 'fingers-comb' => 'comb', 'fingers-comb-brush' => 'brush'];

    /**
     * @param bool       $bearsHeat    false on a sore scalp, and on a child
     * @param bool       $bearsStrong  false for a child, on a sore scalp, and where protein is avoided
     * @param bool       $bearsOil     false on a flaking scalp
     * @param float|null $takeDown     minutes that a worn style takes to come down; null: none is worn
     */
    public function __construct(
        private Head $head,
        private Pace $pace,
        private bool $bearsHeat,
        private bool $bearsStrong,
        private bool $bearsOil,
        private ?float $takeDown,
    ) {
    }

    /** @return list<WashDayStep> each under a key of its own, in the order in which they are usually done */
    public function steps(): array
    {
        $of = new WashSteps($this->head, $this->pace);

        return [
            ...$this->takeDown === null ? [] : [$of->before->takeDown($this->takeDown)],
            ...$this->preWashes($of),
            $of->before->part(),
            ...$this->detangles($of),
            $of->water->wetThrough(),
            ...$this->cleanses($of),
            $of->water->checkStripping(),
            ...$this->treatments($of),
            $of->water->rinse('check-roots', false),
            $of->after->squeeze(),
            $of->after->wrap(),
            $of->after->leaveIn(Step::leaveIn()),
            ...$this->head->method->says(MethodQuestion::Oils, 'none') ? [] : [$of->after->seal(Step::seal())],
            ...$this->bearsOil ? [$of->after->scalpOil(Step::scalpOil())] : [],
            $of->after->mist(),
            ...$this->stylings($of),
            ...$this->dryings(),
            $of->after->feelDry(),
            $of->after->breakCast(),
            $of->after->trim(new Step(StepKind::Trim, millimetres: $this->head->parameters->trim->dustingMm)),
        ];
    }

    /** @return list<WashDayStep> */
    private function preWashes(WashSteps $of): array
    {
        $minutes = $this->head->parameters->washDay->preWashMinutes;

        return array_map(
            static fn (string $with): WashDayStep => $of->before
                ->preWash(Step::preWash($with, $minutes[$with] ?? $minutes['other']))
                ->keyed("pre-wash-{$with}"),
            self::PRE_WASHES,
        );
    }

    /** @return list<WashDayStep> one for each moment there is */
    private function detangles(WashSteps $of): array
    {
        $tool = self::TOOLS[$this->head->method->choice(MethodQuestion::Tools)] ?? 'comb';

        return array_map(
            fn (string $when): WashDayStep => $of->before->detangle(
                $this->paced($tool, $when === 'dry-with-oil' ? 'dry-with-oil' : 'wet-with-slip'),
                $when,
            )->keyed("detangle-{$when}"),
            MethodQuestion::Detangling->choices(),
        );
    }

    private function paced(string $tool, string $state): Step
    {
        $step = Step::detangle(Step::LEAST_MINUTES, $tool, $state);

        return $step->lasting(max(Step::LEAST_MINUTES, $this->pace->detanglingMinutes($this->head, $step)));
    }

    /** @return list<WashDayStep> */
    private function cleanses(WashSteps $of): array
    {
        $kinds = array_filter(CleanseKind::cases(), fn (CleanseKind $kind): bool => ! $this->head->soreScalp
            || ! $kind->clarifies());

        return array_values(array_map(fn (CleanseKind $kind): WashDayStep => $of->water->cleanse(
            Step::cleanse($kind, 1, $kind === CleanseKind::ScalpCare
                ? $this->head->parameters->scalp->contactMinutes
                : null),
            1,
            1,
            true,
        )->keyed("cleanse-{$kind->value}"), $kinds));
    }

    /** @return list<WashDayStep> protein, rinses, conditioner and masks */
    private function treatments(WashSteps $of): array
    {
        $usual = $this->head->parameters->washDay;
        $steps = [
            ...$this->head->proteinSensitive || $this->head->method->says(MethodQuestion::Protein, 'avoided') ? [] : [
                $of->water->protein(Step::mildProtein($usual->stepMinutes['mild-protein']))->keyed('mild-protein'),
                ...$this->bearsStrong ? [
                    $of->water
                        ->protein(Step::strongProtein($usual->stepMinutes['strong-protein']))
                        ->keyed('strong-protein'),
                ] : [],
            ],
            $of->water->herbRinse(false),
            $of->water->herbRinse(true),
            $of->water->condition(Step::conditioner($usual->usualConditionerMinutes)),
            $of->water->condition(Step::mask($usual->usualMaskMinutes)),
        ];

        return $this->bearsHeat
            ? [...$steps, $of->water->condition(Step::mask($usual->usualMaskMinutes, true))->keyed('mask-heat')]
            : $steps;
    }

    /** @return list<WashDayStep> */
    private function stylings(WashSteps $of): array
    {
        $ways = array_filter(
            StylingMethod::cases(),
            static fn (StylingMethod $way): bool => $way !== StylingMethod::NotToday,
        );

        return [
            ...array_map(
                static fn (StylingMethod $way): WashDayStep => $of->after->style($way)->keyed("style-{$way->value}"),
                $ways,
            ),
            $of->after->lock(),
        ];
    }

    /** @return list<WashDayStep> */
    private function dryings(): array
    {
        $ways = array_diff(self::DRYINGS, $this->bearsHeat ? [] : self::HEATED);

        return array_values(array_map(fn (string $by): WashDayStep => DryingSteps::stage(
            $by,
            $this->pace,
            $this->head->parameters->washDay,
        )->keyed("dry-{$by}"), $ways));
    }
}
