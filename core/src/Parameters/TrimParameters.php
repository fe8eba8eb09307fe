<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** When hair is trimmed, by how much, and how long it takes. */
final readonly class TrimParameters
{
    /** @var array<string, int> days between two trims, by goal */
    public array $everyDays;

    /** @var array<string, float> mm at most at one trim, by goal */
    public array $portionMm;

    /** @var array<string, float> minutes of hands, by goal */
    public array $minutes;

    /** mm */
    public float $dustingMm;

    /** @var array<string, float> mm, by how worn the ends are */
    public array $wornMm;

    /** @var array<string, float> times the count of hair without wear */
    public array $wornFromTimes;

    /** @var array<string, int> days from the reading that calls for it */
    public array $withinDays;

    /** % of the thickness at the root */
    public float $thinBelowPercent;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->everyDays = $table->wholes('trim.every-days');
        $this->portionMm = $table->numbers('trim.portion-mm');
        $this->minutes = $table->numbers('trim.minutes');
        $this->dustingMm = $table->number('trim.dusting-mm');
        $this->wornMm = $table->numbers('trim.worn-mm');
        $this->wornFromTimes = $table->numbers('trim.worn-from-times');
        $this->withinDays = $table->wholes('trim.within-days');
        $this->thinBelowPercent = $table->number('trim.thin-below-percent');
    }
}
