<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** The limits and costs a plan is made by. */
final readonly class PlanningParameters
{
    /** days */
    public int $notReadAfterDays;

    /** build-up */
    public float $buildUpLimit;

    /** days */
    public int $strongProteinApartDays;

    /** @var array<string, int> days */
    public array $clarifyApartDays;

    /** days */
    public int $maskNoLaterDays;

    /** probability */
    public float $strongProteinBarredAt;

    /** cost */
    public float $costOfBuildUp;

    /** build-up */
    public float $costBuildUpWidth;

    /** cost per wear */
    public float $costOfWear;

    /** cost a minute */
    public float $costOfAMinute;

    /** cost a currency unit */
    public float $costOfACurrencyUnit;

    /** currency units a wash day in the salon, where a treatment costs what {@see self::$treatmentPrice} says */
    public float $usualWashDayPrice;

    /** cost a promised item moved by a week */
    public float $costOfAMovedPromise;

    /** times a day counts on which the hair is to be at its best */
    public float $weightOfABestDay;

    /** days fresh colour is not clarified */
    public int $colourFreshDays;

    /** @var array<string, float> currency units a use */
    public array $treatmentPrice;

    /** days */
    public int $maskByCalendarDays;

    /** days */
    public int $proteinByCalendarDays;

    /** days */
    public int $rolledOnDays;

    /** probability */
    public float $lookAt;

    /**
     * days at least between two looks, and between two proteins nobody looked between; readings of one visit say little
     * more a week later
     */
    public int $looksApartDays;

    /** days at least between two wash days, for the plan's sake */
    public int $washDaysApartDays;

    /** days; protein further off than this can wait */
    public int $proteinCanWaitDays;

    /** share of the head from which a stratum speaks for it */
    public float $speaksForTheHeadFrom;

    /** @var list<float> minutes of a mask the plan chooses between besides, where time is short */
    public array $shortMaskMinutes;

    /** @var list<float> minutes of a mask the plan chooses between */
    public array $maskMinutes;

    /** minutes */
    public float $longMaskMinutes;

    /** days ahead protein is looked for below its band */
    public int $proteinLookAheadDays;

    /** probability of protein below its band by then */
    public float $mildProteinFrom;

    /** probability of protein below its band by then */
    public float $strongProteinFrom;

    /** days a reading or a chemical service speaks for protein */
    public int $evidenceDays;

    /** points of the feel between the fingers, −5 stiff straw to 5 soft mush, from which down hair is stiff */
    public float $stiffFeel;

    /** days at least */
    public int $mildAfterStrongDays;

    /** days at least */
    public int $strongAfterMildDays;

    /** days at least */
    public int $strongAfterAServiceDays;

    /** years of age */
    public int $childUntilYears;

    /** years of age */
    public int $strongByHandUntilYears;

    /** minutes of a wash day */
    public int $childMostMinutes;

    /** cost that leaving a treatment out must come to for it to be worth doing */
    public float $worthATreatment;

    /**
     * @var array<string, float> from where on something is said: a cell outright and beside another (probabilities), of
     * limits (share of days out of balance) and of what frees some (days)
     */
    public array $worthSaying;

    /** days without what may go wrong */
    public int $beforeADayThatCountsDays;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->notReadAfterDays = $table->whole('planning.not-read-after-days');
        $this->buildUpLimit = $table->number('planning.build-up-limit');
        $this->strongProteinApartDays = $table->whole('planning.strong-protein-apart-days');
        $this->clarifyApartDays = $table->wholes('planning.clarify-apart-days');
        $this->maskNoLaterDays = $table->whole('planning.mask-no-later-days');
        $this->strongProteinBarredAt = $table->number('planning.strong-protein-barred-at');
        $this->costOfBuildUp = $table->number('planning.cost-of-build-up');
        $this->costBuildUpWidth = $table->number('planning.cost-build-up-width');
        $this->costOfWear = $table->number('planning.cost-of-wear');
        $this->costOfAMinute = $table->number('planning.cost-of-a-minute');
        $this->costOfAMovedPromise = $table->number('planning.cost-of-a-moved-promise');
        $this->weightOfABestDay = $table->number('planning.weight-of-a-best-day');
        $this->colourFreshDays = $table->whole('planning.colour-fresh-days');
        [$this->costOfACurrencyUnit, $this->usualWashDayPrice, $this->treatmentPrice] = self::prices($table);
        $this->maskByCalendarDays = $table->whole('planning.mask-by-calendar-days');
        $this->proteinByCalendarDays = $table->whole('planning.protein-by-calendar-days');
        $this->rolledOnDays = $table->whole('planning.rolled-on-days');
        $this->lookAt = $table->number('planning.look-at');
        $this->looksApartDays = $table->whole('planning.looks-apart-days');
        $this->washDaysApartDays = $table->whole('planning.wash-days-apart-days');
        $this->proteinCanWaitDays = $table->whole('planning.protein-can-wait-days');
        $this->speaksForTheHeadFrom = $table->number('planning.speaks-for-the-head-from');
        $this->proteinLookAheadDays = $table->whole('planning.protein-look-ahead-days');
        $this->mildProteinFrom = $table->number('planning.mild-protein-from');
        $this->strongProteinFrom = $table->number('planning.strong-protein-from');
        $this->evidenceDays = $table->whole('planning.evidence-days');
        $this->stiffFeel = $table->number('planning.stiff-feel');
        $this->mildAfterStrongDays = $table->whole('planning.mild-after-strong-days');
        $this->strongAfterMildDays = $table->whole('planning.strong-after-mild-days');
        $this->strongAfterAServiceDays = $table->whole('planning.strong-after-a-service-days');
        $this->childUntilYears = $table->whole('planning.child-until-years');
        $this->strongByHandUntilYears = $table->whole('planning.strong-by-hand-until-years');
        $this->childMostMinutes = $table->whole('planning.child-most-minutes');
        $this->worthATreatment = $table->number('planning.worth-a-treatment');
        $this->worthSaying = $table->numbers('planning.worth-saying');
        $this->beforeADayThatCountsDays = $table->whole('planning.before-a-day-that-counts-days');
        $this->shortMaskMinutes = array_values($table->numbers('planning.short-mask-minutes'));
        $this->maskMinutes = array_values($table->numbers('planning.mask-minutes'));
        $this->longMaskMinutes = $table->number('planning.long-mask-minutes');
    }

    /**
     * @return array{float, float, array<string, float>} cost a unit, units a wash day, units a use
     *
     * @throws InvalidParameters
     */
    private static function prices(ParameterTable $table): array
    {
        return [
            $table->number('planning.cost-of-a-currency-unit'),
            $table->number('planning.usual-wash-day-price'),
            $table->numbers('planning.treatment-price'),
        ];
    }
}
