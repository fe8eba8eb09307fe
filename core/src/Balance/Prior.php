<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use Nagomi\Core\Air\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Reading\Sign;

/** What is assumed of a head before anything is measured. */
final class Prior
{
    private const QUANTITIES = [
        Layout::MOISTURE => 'moisture', Layout::PROTEIN => 'protein', Layout::WASHABLE => 'washable',
        Layout::STUBBORN => 'stubborn', Layout::WEAR => 'wear',
    ];

    /** @param bool $learning false holds the head's own multipliers at the trade's average, for comparison */
    public static function of(Head $head, bool $learning = true, ?Humidity $air = null): State
    {
        $layout = new Layout($head, [], $air);
        $mean = array_fill(0, $layout->size, 0.0);
        $covariance = array_fill(0, $layout->size, array_fill(0, $layout->size, 0.0));
        foreach (self::QUANTITIES as $quantity => $name) {
            foreach ($head->strata as $s => $stratum) {
                $mean[$layout->of($s, $quantity)] = Model::START_MEAN[$name]
                    + ($quantity === Layout::WEAR ? Model::START_WEAR_WHEN_TREATED * $stratum->treatedShare : 0.0);
                foreach (array_keys($head->strata) as $other) {
                    $covariance[$layout->of($s, $quantity)][$layout->of($other, $quantity)] = Model::START_SD[$name] ** 2
                        * ($s === $other ? 1.0 : Model::START_CORRELATION);
                }
            }
        }
        if ($learning) {
            foreach (['moisture-fading' => $layout->moistureFading, 'protein-fading' => $layout->proteinFading, 'uptake' => $layout->uptake] as $name => $index) {
                $covariance[$index][$index] = Model::LEARNED_PRIOR_SD[$name] ** 2;
            }
        }

        return new State($layout, $mean, $covariance);
    }

    /** How far one head's readings of a sign are off from another's alike, before any was taken. */
    public static function offsetSd(Sign $sign): float
    {
        return Model::HEAD_OFFSET_PRIOR * Model::READING_SD[$sign->value];
    }
}
