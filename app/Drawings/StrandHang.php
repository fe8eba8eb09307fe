<?php

declare(strict_types=1);

namespace App\Drawings;

/**
 * What the state of the hair does to its strand: it slackens when moist beyond its liking and roughens when dry, stands
 * stiff with protein and hangs limp without, is coated by build-up and nicked by wear.
 */
final readonly class StrandHang
{
    /** Points from what the hair likes at which the drawing goes no further. */
    private const FULL_POINTS = 24.0;

    /** Points of build-up at which the coat is thickest, and below which none is drawn. */
    private const FULL_COAT = 60.0;
    private const LEAST_COAT = 15.0;

    /** States this near, in points, are drawn alike. */
    private const STEP_POINTS = 6.0;

    /**
     * @param float $slack −1 (dry) to 1 (moist beyond its liking)
     * @param float $stiff −1 (short of protein) to 1 (stiff with it)
     * @param float $coat  0 to 1
     * @param float $wear  points of 100
     */
    private function __construct(
        public float $slack,
        public float $stiff,
        public float $coat,
        public float $wear,
    ) {
    }

    /**
     * @param float $moisture points above what this hair likes
     * @param float $protein  points above what this hair likes
     * @param float $buildUp  points of 100
     * @param float $wear     points of 100
     */
    public static function of(float $moisture, float $protein, float $buildUp, float $wear): self
    {
        $step = fn (float $points): float => self::STEP_POINTS * round($points / self::STEP_POINTS);
        $share = fn (float $points): float => max(-1.0, min(1.0, $step($points) / self::FULL_POINTS));

        return new self(
            $share($moisture),
            $share($protein),
            $buildUp < self::LEAST_COAT ? 0.0 : min(1.0, $step($buildUp) / self::FULL_COAT),
            $wear,
        );
    }

    /** @param list<StoredStratum> $standing by share of hair; none: as it likes to be */
    public static function ofStanding(array $standing): self
    {
        $moisture = $protein = $buildUp = $wear = 0.0;
        foreach ($standing as $stratum) {
            $moisture += $stratum['share'] * ($stratum['moisture'][0] - $stratum['target_moisture']);
            $protein += $stratum['share'] * ($stratum['protein'][0] - $stratum['target_protein']);
            $buildUp += $stratum['share'] * $stratum['build_up'][0];
            $wear += $stratum['share'] * $stratum['wear'][0];
        }

        return self::of($moisture, $protein, $buildUp, $wear);
    }

    /**
     * The mean of some days ahead, as planned.
     *
     * @param StoredBalance       $balance
     * @param list<StoredStratum> $standing of the same strata
     * @param array{int, int}     $days     first and last, counted from today
     */
    public static function ahead(array $balance, array $standing, array $days): self
    {
        $moisture = $protein = $buildUp = $wear = 0.0;
        foreach ($balance['strata'] as $s => $stratum) {
            $share = $standing[$s]['share'] ?? 0.0;
            $wear += $share * ($standing[$s]['wear'][0] ?? 0.0);
            $ahead = array_slice($stratum['ahead'], $days[0], $days[1] - $days[0] + 1);
            foreach ($ahead as $day) {
                $moisture += $share * ($day[0] - $stratum['targets'][0]) / count($ahead);
                $protein += $share * ($day[2] - $stratum['targets'][1]) / count($ahead);
                $buildUp += $share * $day[4] / count($ahead);
            }
        }

        return self::of($moisture, $protein, $buildUp, $wear);
    }

    /** @return list<string> keys of what it says of the hair, most telling first; none where it hangs as it likes */
    public function keys(): array
    {
        return array_keys(array_filter([
            'slack' => $this->slack >= 0.5,
            'dry' => $this->slack <= -0.5,
            'stiff' => $this->stiff >= 0.5,
            'limp' => $this->stiff <= -0.5,
            'coated' => $this->coat >= 0.5,
            'worn' => $this->wear >= 16.0,
        ]));
    }
}
