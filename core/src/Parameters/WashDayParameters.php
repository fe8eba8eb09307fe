<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** How long the steps of a wash day take, and how that varies. */
final readonly class WashDayParameters
{
    /** @var array<string, float> minutes */
    public array $stepMinutes;

    /** @var array<string, float> minutes of hands on one step */
    public array $handsMinutes;

    /** @var array<string, float> minutes of hands on one section */
    public array $sectionMinutes;

    /** @var array<string, float> minutes that a step may stay on where its bottle does not say */
    public array $mostMinutes;

    /** @var array<string, float> minutes until a head is wet through under warm water */
    public array $wetThroughMinutes;

    /** minutes to detangle one section with slip, before the client has a past */
    public float $detangleASectionMinutes;

    /** times the planned or usual, either way */
    public float $doubtfulTimes;

    /** minutes */
    public float $usualMaskMinutes;

    /** minutes */
    public float $usualProteinMinutes;

    /** minutes */
    public float $usualConditionerMinutes;

    /** @var array<string, float> spread of the logarithm of a time */
    public array $spread;

    /** wash days of her own that weigh as much as the usual */
    public float $usualWeighs;

    /** @var array<string, float> minutes until dry, by how it is dried; air is learned, and starts from porosity */
    public array $dryMinutes;

    /** @var array<string, float> minutes before the water that an oil, and any other pre-wash, needs */
    public array $preWashMinutes;

    /** @var array<string, float> minutes in the wrap, contact time of a registered disinfectant */
    public array $waitMinutes;

    /** minutes a mask may be shortened to */
    public float $shortestMaskMinutes;

    /** @var array<string, float> minutes to style one section, by method */
    public array $styleMinutesASection;

    /** @var array<string, int> days a protective style stays in, unless her own is set */
    public array $protectiveDays;

    /** @var array<string, float> minutes to take a protective style down in time, and more for each week beyond */
    public array $takeDownMinutes;

    /** days at most that a wash day moves to where there is more time */
    public int $movesDays;

    /** times the usual styling, when it has to be quick */
    public float $quickStyle;

    /** @var array<string, float> reserve that a shortened day is felt to cost besides what it takes from the hair */
    public array $feltByWay;

    /** share of the wash days with a result that count as the best */
    public float $bestShare;

    /** days after a wash day within which a result is read as its own */
    public int $resultWithinDays;

    /** wash days with a result from which the best are told apart */
    public int $bestFromDays;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->stepMinutes = $table->numbers('wash-day.step-minutes');
        $this->handsMinutes = $table->numbers('wash-day.hands-minutes');
        $this->sectionMinutes = $table->numbers('wash-day.section-minutes');
        $this->mostMinutes = $table->numbers('wash-day.most-minutes');
        $this->wetThroughMinutes = $table->numbers('wash-day.wet-through-minutes');
        $this->detangleASectionMinutes = $table->number('wash-day.detangle-a-section-minutes');
        $this->doubtfulTimes = $table->number('wash-day.doubtful-times');
        $this->usualMaskMinutes = $table->number('wash-day.usual-mask-minutes');
        $this->usualProteinMinutes = $table->number('wash-day.usual-protein-minutes');
        $this->usualConditionerMinutes = $table->number('wash-day.usual-conditioner-minutes');
        $this->spread = $table->numbers('wash-day.spread');
        $this->usualWeighs = $table->number('wash-day.usual-weighs');
        $this->dryMinutes = $table->numbers('wash-day.dry-minutes');
        $this->preWashMinutes = $table->numbers('wash-day.pre-wash-minutes');
        $this->waitMinutes = $table->numbers('wash-day.wait-minutes');
        $this->shortestMaskMinutes = $table->number('wash-day.shortest-mask-minutes');
        $this->styleMinutesASection = $table->numbers('wash-day.style-minutes-a-section');
        $this->protectiveDays = $table->wholes('wash-day.protective-days');
        $this->movesDays = $table->whole('wash-day.moves-days');
        $this->takeDownMinutes = $table->numbers('wash-day.take-down-minutes');
        $this->quickStyle = $table->number('wash-day.quick-style');
        $this->bestShare = $table->number('wash-day.best-share');
        $this->resultWithinDays = $table->whole('wash-day.result-within-days');
        $this->bestFromDays = $table->whole('wash-day.best-from-days');
        $this->feltByWay = $table->numbers('wash-day.felt-by-way');
    }
}
