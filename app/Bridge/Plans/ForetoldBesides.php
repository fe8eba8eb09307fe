<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Learning\ForetoldResults;
use DateTimeImmutable;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\WashDay\Pace;

/** What came out of the scalp and of the minutes of detangling, each beside what was foretold of it. */
final readonly class ForetoldBesides
{
    /** @return list<StoredForetold> */
    public static function of(Pace $pace, ?ScalpEstimate $scalp, DateTimeImmutable $today): array
    {
        $since = $today->modify('-' . ForetoldResults::MONTHS_LOOKED_BACK . ' months');
        $foretold = [];
        foreach ($scalp->checks ?? [] as $check) {
            if ($check->date >= $since) {
                $foretold[] = self::stored($check->date, $check->sign, $check->by, $check->zScore);
            }
        }
        foreach ($pace->checksSince($since) as $check) {
            $foretold[] = self::stored($check->date, Sign::DetanglingMinutes, '', $check->zScore);
        }

        return $foretold;
    }

    /** @return StoredForetold */
    private static function stored(DateTimeImmutable $on, Sign $sign, string $by, float $apart): array
    {
        return ['on' => $on->format('Y-m-d'), 'sign' => $sign->value, 'by' => $by, 'apart' => round($apart, 4)];
    }
}
