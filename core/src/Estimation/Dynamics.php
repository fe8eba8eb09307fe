<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Parameters\TreatmentParameters;
use Nagomi\Core\Treatments\StratumEffect;

/** How the reserves move: through time in closed form, and through the steps of a wash day. */
final class Dynamics
{
    /** Rate of moisture fading a day, before the head's own multiplier. */
    public static function moistureRate(Stratum $stratum, bool $sealed): float
    {
        $model = $stratum->parameters->model;
        return M_LN2 / (
            $model->moistureHalfLifeDays[$stratum->porosity->value] * (
                $sealed ? $model->sealedHalfLifeFactor : 1.0
            )
        );
    }

    public static function proteinRate(Stratum $stratum): float
    {
        return M_LN2 / $stratum->parameters->model->proteinHalfLifeDays[$stratum->porosity->value];
    }

    /**
     * Washable and stubborn build-up that a day of styling leaves.
     *
     * @return array{float, float}
     */
    public static function buildUpADay(Head $head): array
    {
        $model = $head->parameters->model;
        $all = $model->load[$head->load->value] * $model->buildUpADayAndLoad;

        return [$all * $model->washableShare, $all * (1 - $model->washableShare)];
    }

    /**
     * Lets days pass.
     *
     * @param int                    $days   0 or more
     * @param DateTimeImmutable|null $from the day they count from, itself not counted; null: the usual humidity each
     *     day
     * @param bool                   $tight  up in a tight style
     */
    public static function afterDays(
        State $state,
        int $days,
        bool $sealed,
        ?DateTimeImmutable $from = null,
        bool $tight = false,
    ): Prediction {
        if ($days === 0) {
            return new Prediction($state);
        }
        [$layout, $head, $mean] = [$state->layout, $state->layout->head, $state->mean];
        $model = $layout->parameters->model;
        $slopes = $noise = [];
        $airs = AirMoisture::onDays($layout->air, $days, $from, $model);
        [$washableADay, $stubbornADay] = self::buildUpADay($head);
        $wornADay = self::wearADay($head, $tight);
        $root = sqrt($days);
        foreach ($head->strata as $s => $stratum) {
            $moisture = $layout->of($s, StateLayout::MOISTURE);
            $rate = self::moistureRate($stratum, $sealed) * exp($mean[$layout->moistureFading]);
            $kept = exp(-$rate * $days);
            [$after, $slope] = AirMoisture::faded($mean[$moisture], $rate, $airs);
            $slopes[$moisture] = [$moisture => $kept, $layout->moistureFading => $slope];
            $noise[] = [$moisture => $model->moistureDriftSd * self::driftOver($days, $rate * $days)];
            $mean[$moisture] = $after;

            $protein = $layout->of($s, StateLayout::PROTEIN);
            $exponent = self::proteinRate($stratum) * exp($mean[$layout->proteinFading]) * $days;
            $kept = exp(-$exponent);
            $slopes[$protein] = [$protein => $kept, $layout->proteinFading => -$mean[$protein] * $exponent * $kept];
            $noise[] = [$protein => $model->proteinDriftSd * self::driftOver($days, $exponent)];
            $mean[$protein] *= $kept;

            [, , $washable, $stubborn, $wear] = $layout->ofStratum($s);
            $mean[$washable] += $washableADay * $days;
            $mean[$stubborn] += $stubbornADay * $days;
            $noise[] = [$washable => $model->buildUpDriftSd * $root];
            $noise[] = [$stubborn => $model->stubbornDriftShare * $model->buildUpDriftSd * $root];

            $renewal = $model->growthMmADay / $head->length();
            $renewed = exp(-$renewal * $days);
            $slopes[$wear] = [$wear => $renewed];
            $noise[] = [$wear => $model->wearDriftSd * self::driftOver($days, $renewal * $days)];
            $mean[$wear] = $mean[$wear] * $renewed + $wornADay * (1 - $renewed) / $renewal;
        }

        return self::held($state, $mean, $slopes, $noise);
    }

    /** Wear that a day leaves by itself: a tight style, a night on cotton. */
    private static function wearADay(Head $head, bool $tight): float
    {
        $treatments = $head->parameters->treatments;
        return ($tight ? $treatments->tightStyleWearADay : 0.0) + (
            $head->method->says(MethodQuestion::Night, 'cotton') ? $treatments->cottonWearANight : 0.0
        );
    }

    /**
     * Doubt that comes in day by day fades like the quantity itself; this is its sum over the days, so that ten days
     * at once and ten days one by one leave the same.
     *
     * @param float $exponent rate of fading times days
     *
     * @return float the sd that a drift of 1 a square root of a day has grown to
     */
    private static function driftOver(int $days, float $exponent): float
    {
        return $exponent < 1e-9 ? sqrt($days) : sqrt($days * (1 - exp(-2 * $exponent)) / (2 * $exponent));
    }

    /**
     * Does one step to every stratum.
     *
     * @param list<StratumEffect> $effects  one for each stratum
     * @param float               $effectSd sd of what is left in the hair, as a share of it; the same for all strata, and
     *     beside it what the bottle leaves open: each of its contents by itself
     */
    public static function afterStep(State $state, array $effects, float $effectSd): Prediction
    {
        $move = new StepMove($state, $effects, $effectSd);

        return self::held($state, $move->mean, $move->slopes, $move->noise());
    }

    /**
     * Does one of several steps, of which nobody knows which it was.
     *
     * @param non-empty-list<array{float, list<StratumEffect>}> $choices probability, and effects one for each stratum
     * @param float $effectSd as above
     */
    public static function afterOneOf(State $state, array $choices, float $effectSd): Prediction
    {
        if (count($choices) === 1) {
            return self::afterStep($state, $choices[0][1], $effectSd);
        }
        $move = new MixedMove($state, $choices, $effectSd);

        return self::held($state, $move->mean, $move->slopes, $move->noise);
    }

    /**
     * A wash day at home is told from memory: minutes and amounts are others than were told. That leaves doubt, the
     * same for all strata.
     */
    public static function afterTheUnsaid(State $state): State
    {
        $treatments = $state->layout->parameters->treatments;
        $noise = [];
        foreach (
            [
                StateLayout::MOISTURE => 'moisture',
                StateLayout::PROTEIN => 'protein',
                StateLayout::WASHABLE => 'washable',
            ] as $quantity => $name
        ) {
            $source = [];
            foreach (array_keys($state->layout->head->strata) as $s) {
                $source[$state->layout->of($s, $quantity)] = $treatments->unsaidAtHomeSd[$name];
            }
            $noise[] = $source;
        }

        return $state->moved($state->mean, [], $noise);
    }

    /**
     * A day in a stretch so long that hair was certainly cared for and nobody told of it: reserves and build-up drift
     * back towards
     * what is assumed of any head, mean and doubt; what was learned of the head, and its wear, stay.
     */
    public static function afterADayUntold(State $state): Prediction
    {
        $model = $state->layout->parameters->model;
        $treatments = $state->layout->parameters->treatments;
        $layout = $state->layout;
        $usual = Prior::of($layout->head);
        $kept = exp(-1 / $treatments->untoldDriftDays);
        $mean = $state->mean;
        $slopes = $noise = [];
        foreach (
            [
                StateLayout::MOISTURE => 'moisture',
                StateLayout::PROTEIN => 'protein',
                StateLayout::WASHABLE => 'washable',
                StateLayout::STUBBORN => 'stubborn',
            ] as $quantity => $name
        ) {
            $sd = $model->startSd[$name] * sqrt(1 - $kept * $kept);
            $common = [];
            foreach (array_keys($layout->head->strata) as $s) {
                $index = $layout->of($s, $quantity);
                $mean[$index] = $kept * $mean[$index] + (1 - $kept) * $usual->mean[$usual->layout->of($s, $quantity)];
                $slopes[$index] = [$index => $kept];
                $common[$index] = $sd * sqrt($model->startCorrelation);
                $noise[] = [$index => $sd * sqrt(1 - $model->startCorrelation)];
            }
            $noise[] = $common;
        }

        return self::held($state, $mean, $slopes, $noise);
    }

    /** How much of a treatment build-up lets through, 0.4 to 1. */
    public static function free(float $buildUp, TreatmentParameters $treatments): float
    {
        return 1 - $treatments->buildUpBlocksUptake * max(0.0, min(100.0, $buildUp)) / 100;
    }

    /**
     * @param array<int, float>                   $mean
     * @param array<int, array<int, float>> $slopes
     * @param list<array<int, float>>       $noise
     */
    private static function held(State $state, array $mean, array $slopes, array $noise): Prediction
    {
        [$mean, $limits] = self::withinScales($state->layout, $mean);

        return new Prediction($state->moved($mean, $slopes, $noise), $limits, $slopes);
    }

    /**
     * Holds reserves and build-up within 0 to 100 and wear at 0 or more, and says where it had to.
     *
     * @param array<int, float> $mean
     *
     * @return array{array<int, float>, list<ScaleLimit>}
     */
    public static function withinScales(StateLayout $layout, array $mean): array
    {
        $limits = [];
        for ($index = 0; $index < $layout->moistureFading; $index++) {
            $most = $index % StateLayout::PER_STRATUM === StateLayout::WEAR ? INF : 100.0;
            $held = max(0.0, min($most, $mean[$index]));
            if ($held !== $mean[$index]) {
                $limits[] = new ScaleLimit($index, $held - $mean[$index]);
                $mean[$index] = $held;
            }
        }

        return [array_values($mean), $limits];
    }
}
