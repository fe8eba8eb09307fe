<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Statistics\SeededRandom;

/**
 * What a stylist reads off a virtual head: its own offset of each sign, and the noise of hands and eyes.
 *
 * @phpstan-type Truth list<array{moisture: float, protein: float, washable: float, stubborn: float, wear: float}>
 */
final class VirtualReadings
{
    /** Standard deviation of one reading, on its own scale; of broken hairs of the logarithm. */
    private const NOISES = [
        'dryness' => 1.2, 'feel' => 1.2, 'stretch' => 5.0, 'return' => 5.0, 'signs' => 1.5, 'broken' => 0.35,
        'memory' => 1.2,
        'definition' => 1.5, 'frizz' => 1.5, 'clumping' => 1.5, 'softness' => 1.5, 'shine' => 1.5, 'life' => 1.5,
    ];

    /** @var array<string, float> this head's own offset of each reading, and what the eye has drifted by */
    private array $offsets = [];

    public function __construct(
        private readonly Head $head,
        private readonly SeededRandom $chance,
        private readonly WorldRules $rules,
    ) {
        foreach (self::NOISES as $test => $noise) {
            $this->offsets[$test] = $chance->normal(0, 0.5 * $noise);
        }
    }

    /** Where the eye drifts, it does so day by day. */
    public function aDay(): void
    {
        foreach ($this->rules->drift > 0 ? self::NOISES : [] as $test => $noise) {
            $this->offsets[$test] += $this->chance->normal(0, $this->rules->drift * $noise);
        }
    }

    /**
     * @param Truth $truth
     *
     * @return array<string, array<string, mixed>> raw measures by test
     */
    public function read(array $truth, int $daysSinceDetangled): array
    {
        $moisture = $protein = $off = $buildUp = $broken = 0.0;
        foreach ($this->head->strata as $s => $stratum) {
            $m = $truth[$s]['moisture'] - $stratum->targetMoisture();
            $p = $truth[$s]['protein'] - $stratum->targetProtein($this->head->proteinSensitive);
            $moisture += $stratum->share * $m;
            $protein += $stratum->share * $p;
            $off += $stratum->share * abs($m);
            $buildUp += $stratum->share * ($truth[$s]['washable'] + $truth[$s]['stubborn']);
            $broken += $stratum->share * exp($this->rules->slope * .03 * (
                $truth[$s]['wear'] + max(0, abs($m) - 15) + max(0, abs($p) - 15)
            ));
        }
        $hairs = $this->hairs($moisture, $protein);
        $signs = $this->points('signs', 0, $buildUp / 10, 0, 10);
        $each = [];
        foreach (['dull', 'beads', 'sticky', 'film', 'no_lather'] as $sign) {
            $each[$sign] = min(2.0, $signs);
            $signs -= $each[$sign];
        }

        return [
            'build-up-signs' => $each,
            'dryness' => ['points' => $this->points('dryness', 3, -$moisture / 10, 0, 10)],
            'feel' => ['points' => $this->points('feel', 0, ($moisture - $protein) / 10, -5, 5)],
            'style-life' => [
                'days' => $this->points('life', 6.5, .08 * $protein - .06 * $off, 0, 60),
                'refreshes' => $this->chance->between(0, 3),
            ],
            'curl-memory' => ['points' => $this->points('memory', 7, .1 * $protein - .05 * $off, 0, 10)],
            'wet-stretch' => ['hairs' => $hairs],
            'broken-hairs' => [
                'shed' => $this->chance->poisson(75 * max(1, $daysSinceDetangled) * $this->chance->gamma(20)),
                'broken' => $this->chance->poisson(
                    ($daysSinceDetangled + 2) * 1.5 * $broken * exp($this->offsets['broken']) * $this->chance->gamma(6),
                ),
                'days_since_detangled' => $daysSinceDetangled,
            ],
        ];
    }

    /** @return list<array<string, float|bool>> as the wet stretch test writes hairs down */
    private function hairs(float $moisture, float $protein): array
    {
        $hairs = [];
        for ($hair = $this->chance->between(3, 5); $hair > 0; $hair--) {
            $stretch = max(4.0, $this->seen('stretch', 45, .5 * $moisture - .3 * $protein));
            $return = max(40.0, min(100.0, $this->seen('return', 95, .4 * $protein - .1 * $moisture)));
            $rest = 5.0 * $this->chance->between(14, 26);
            $stretched = round($rest * (1 + min(1.2, $stretch / 100)));
            $snaps = $this->chance->happens($protein < -20 || $moisture < -22 ? 0.3 : 0.02);
            $returned = round(2 * ($stretched - $return / 100 * ($stretched - $rest))) / 2;
            $hairs[] = ['rest_mm' => $rest, 'stretched_mm' => $stretched]
                + ($snaps ? ['snapped' => true] : ['returned_mm' => max($rest, min($stretched, $returned))]);
        }

        return $hairs;
    }

    /**
     * @param Truth $truth
     *
     * @return array<string, array<string, mixed>> raw measures by test
     */
    public function readAfterStyling(array $truth): array
    {
        $moisture = $protein = $off = $buildUp = $wear = 0.0;
        foreach ($this->head->strata as $s => $stratum) {
            $m = $truth[$s]['moisture'] - $stratum->targetMoisture();
            $moisture += $stratum->share * $m;
            $off += $stratum->share * abs($m);
            $protein += $stratum->share * (
                $truth[$s]['protein'] - $stratum->targetProtein($this->head->proteinSensitive)
            );
            $buildUp += $stratum->share * ($truth[$s]['washable'] + $truth[$s]['stubborn']);
            $wear += $stratum->share * $truth[$s]['wear'];
        }

        return ['result' => [
            'definition' => $this->points('definition', 7.5, .08 * $protein - .05 * $off - .02 * $buildUp, 0, 10),
            'frizz' => $this->points('frizz', 3, .04 * $wear - .1 * $moisture, 0, 10),
            'clumping' => $this->points('clumping', 7, .06 * $moisture - .02 * $buildUp, 0, 10),
            'softness' => $this->points('softness', 6.5, .1 * $moisture - .06 * $protein, 0, 10),
            'shine' => $this->points('shine', 7.5, -.05 * $buildUp - .04 * $wear, 0, 10),
            'volume' => (float) $this->chance->between(3, 8),
        ]];
    }

    /** Points on a scale in halves. */
    private function points(string $test, float $usual, float $departure, float $least, float $most): float
    {
        return max($least, min($most, round(2 * $this->seen($test, $usual, $departure)) / 2));
    }

    /**
     * One reading, before its scale: off by this head's own offset and by noise with heavy tails, of which some is a
     * gross error.
     *
     * @param float $usual     what it shows of hair in its band without build-up or wear
     * @param float $departure what the hair adds to that by the equations
     */
    private function seen(string $test, float $usual, float $departure): float
    {
        $noise = self::NOISES[$test];
        $error = ($this->chance->happens($this->rules->grossErrors) ? $this->rules->grossFactor : 1.0)
            * $this->chance->heavyTailed();

        return $usual + $this->rules->shown($departure, $noise) + $this->offsets[$test] + $noise * $error;
    }
}
