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

    /** @var array<string, float> times the usual minutes of detangling, by what a day is unlike the usual one in */
    public array $detanglingTimes;

    /** spread of the logarithm of each of them from client to client */
    public float $detanglingTimesSpread;

    /** @var array<string, float> times the usual minutes of detangling where hair is thin, or dense */
    public array $detanglingTimesByDensity;

    /** how minutes of detangling rise with length, as a power of it */
    public float $detanglingLengthPower;

    /** length the usual minutes of detangling are told for, mm */
    public float $detanglingLengthMm;

    /** spread of the logarithm of length within which hair counts as alike */
    public float $alikeLengthSpread;

    /** share a head counts for whose density is one step away */
    public float $alikeNextDensity;

    /** heads like one that weigh as much as the trade's usual */
    public float $usualWeighsHeads;

    /** times the usual minutes of drying, where much is left on that keeps water in */
    public float $heavyDryTimes;

    /** % by weight of what keeps water in, from which hair dries slower */
    public float $heavyFromPercent;

    /** spread of the logarithm by which one way of drying is quicker or slower on a client than the others */
    public float $dryWaySpread;

    /** @var array<string, int> sections a head is parted into, by its length, where nobody has parted it yet */
    public array $proposedSections;

    /** @var array<string, int> sections more, by density */
    public array $sectionsMoreByDensity;

    /** @var array<string, float> mm from which hair is of middle length, and long */
    public array $lengthOfMm;

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

    /** wash days of the client that weigh as much as the usual */
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

    /** @var array<string, int> days a protective style stays in, unless the client’s own is set */
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
        $this->detanglingTimes = $table->numbers('wash-day.detangling-times');
        $this->detanglingTimesSpread = $table->number('wash-day.detangling-times-spread');
        $this->detanglingTimesByDensity = $table->numbers('wash-day.detangling-times-by-density');
        $this->detanglingLengthPower = $table->number('wash-day.detangling-length-power');
        $this->detanglingLengthMm = $table->number('wash-day.detangling-length-mm');
        $this->alikeLengthSpread = $table->number('wash-day.alike-length-spread');
        $this->alikeNextDensity = $table->number('wash-day.alike-next-density');
        $this->usualWeighsHeads = $table->number('wash-day.usual-weighs-heads');
        $this->heavyDryTimes = $table->number('wash-day.heavy-dry-times');
        $this->heavyFromPercent = $table->number('wash-day.heavy-from-percent');
        $this->dryWaySpread = $table->number('wash-day.dry-way-spread');
        $this->proposedSections = $table->wholes('wash-day.proposed-sections');
        $this->sectionsMoreByDensity = $table->wholes('wash-day.sections-more-by-density');
        $this->lengthOfMm = $table->numbers('wash-day.length-of-mm');
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
