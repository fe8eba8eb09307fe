<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use Nagomi\Core\Estimation\ExpectedSign;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Reading;

/** What hair tests of a practice case showed, beside what they would show in balance: as for a real client. */
final class PracticeResults
{
    /**
     * @param Head          $told what the hair is taken for; the ranges are of such hair
     * @param list<Reading> $readings
     *
     * @return array<string, list<PracticeResult>> by test
     */
    public static function of(Head $told, array $readings): array
    {
        $state = Prior::of($told);
        $signs = $told->parameters->signs;
        $results = [];
        foreach ($readings as $reading) {
            $results[$reading->test] = array_map(
                static fn (MeasuredSign $one): PracticeResult => new PracticeResult(
                    $one,
                    $one->sign->tellsOfBalance($signs)
                        ? ExpectedSign::inBalance($state, $one, $reading->zone)
                        : null,
                ),
                $reading->measured,
            );
        }

        return $results;
    }
}
