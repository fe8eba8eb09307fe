<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use Nagomi\Core\Parameters\ScalpParameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Safety\BarringSign;

/**
 * Values of a reading that bar treatments by themselves until somebody has looked: heavy flaking with redness is for a
 * clinician; a sore or red scalp is spared. Common practice, no source.
 */
final class ReferValues
{
    /** @return array<string, non-empty-list<MeasuredSign>> what was read that raises it, by barring sign */
    public static function of(Reading $reading, ScalpParameters $scalp): array
    {
        $read = [];
        foreach ($reading->measured as $measured) {
            $read[$measured->sign->value] = $measured;
        }
        $past = static fn (Sign $sign, float $from): ?MeasuredSign =>
            isset($read[$sign->value]) && $read[$sign->value]->value >= $from ? $read[$sign->value] : null;
        $flakes = $past(Sign::ScalpFlakes, $scalp->referFlakes);
        $red = $past(Sign::ScalpRedness, $scalp->limit['redness']);
        $sore = array_values(array_filter([$past(Sign::ScalpSoreness, $scalp->limit['soreness']), $red]));

        return [
            ...$flakes !== null && $red !== null ? [BarringSign::Red->value => [$flakes, $red]] : [],
            ...$sore === [] ? [] : [BarringSign::Sore->value => $sore],
        ];
    }
}
