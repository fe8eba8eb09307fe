<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\ScalpParameters;
use Nagomi\Core\Readings\Sign;

/** What is believed of a scalp at one moment: the four things that change from wash to wash, and its own ways. */
final readonly class ScalpState
{
    /** points of 10 */
    public const OIL = 0;
    /** points of 10 a zone, mean over the eight */
    public const FLAKES = 1;
    /** points of 10 */
    public const DRYNESS = 2;
    /** points of 10 beyond what oil, flakes and dryness explain */
    public const ITCH = 3;
    /** logarithm of the head's own factor on the usual */
    public const OIL_RATE = 4;
    /** logarithm of the head's own factor on the usual */
    public const FLAKES_RATE = 5;
    /** points of 10 that this scalp settles above the usual */
    public const DRYNESS_OWN = 6;

    public const ZONES = 8;

    /**
     * @param list<float>                        $mean       of the seven quantities
     * @param list<list<float>>                  $covariance of them
     * @param array<string, array{float, float}> $zones      points of 10 above the whole scalp and variance, by zone
     * @param float                              $care       how much scalp care still works, 0 to 1
     * @param bool                               $oiled      oil lies on the scalp
     */
    public function __construct(
        public array $mean,
        public array $covariance,
        public array $zones,
        public float $care = 0.0,
        public bool $oiled = false,
    ) {
    }

    /** A scalp of which nothing is known. */
    public static function usual(ScalpParameters $scalp): self
    {
        $sds = [
            $scalp->startSd['oil'], $scalp->startSd['flakes'], $scalp->startSd['dryness'], $scalp->startSd['itch'],
            $scalp->ownSd['oil'], $scalp->ownSd['flakes'], $scalp->ownSd['dryness'],
        ];
        $covariance = [];
        foreach ($sds as $i => $sd) {
            $row = array_fill(0, count($sds), 0.0);
            $row[$i] = $sd ** 2;
            $covariance[] = $row;
        }
        $start = $scalp->start;

        return new self(
            [$start['oil'], $start['flakes'], $start['dryness'], $start['itch'], 0.0, 0.0, 0.0],
            $covariance,
            array_fill_keys(
                array_map(static fn (Zone $zone): string => $zone->value, Zone::cases()),
                [0.0, $scalp->zoneSd ** 2],
            ),
        );
    }

    /** What a reading of a sign is expected to say, in the sign's own unit; null for a sign that is not foretold. */
    public function expected(Sign $sign, ScalpParameters $scalp): ?float
    {
        $weights = self::weights($sign, $scalp);
        if ($weights === null) {
            return null;
        }
        $expected = 0.0;
        foreach ($weights as $i => $weight) {
            $expected += $weight * $this->mean[$i];
        }
        [$least, $most] = $sign->limits();

        return max($least, min($most, $expected));
    }

    /** The doubt of that without the noise of the reading, in the sign's own unit; 0 for a sign not foretold. */
    public function sd(Sign $sign, ScalpParameters $scalp): float
    {
        $variance = 0.0;
        $weights = self::weights($sign, $scalp) ?? [];
        foreach ($weights as $i => $one) {
            foreach ($weights as $j => $other) {
                $variance += $one * $other * $this->covariance[$i][$j];
            }
        }

        return sqrt(max(0.0, $variance));
    }

    /** Flakes expected in one zone, points of 10. */
    public function flakesIn(Zone $zone): float
    {
        return max(0.0, min(10.0, $this->mean[self::FLAKES] + ($this->zones[$zone->value][0] ?? 0.0)));
    }

    /** The zone that flakes most beyond doubt; null where they are alike. */
    public function flakiestZone(): ?Zone
    {
        $most = null;
        foreach ($this->zones as $zone => [$above, $variance]) {
            if ($above > sqrt($variance) && $above > ($most[1] ?? 1.0)) {
                $most = [$zone, $above];
            }
        }

        return $most === null ? null : Zone::from($most[0]);
    }

    /** @return array<int, float>|null what each quantity counts for in a sign; null for a sign that is not foretold */
    public static function weights(Sign $sign, ScalpParameters $scalp): ?array
    {
        return match ($sign) {
            Sign::ScalpOil => [self::OIL => 1.0],
            Sign::ScalpFlakes => [self::FLAKES => (float) self::ZONES],
            Sign::ScalpDryness => [self::DRYNESS => 1.0],
            Sign::ScalpItch => [
                self::OIL => $scalp->itchOf['oil'],
                self::FLAKES => $scalp->itchOf['flakes'],
                self::DRYNESS => $scalp->itchOf['dryness'],
                self::ITCH => 1.0,
            ],
            default => null,
        };
    }
}
