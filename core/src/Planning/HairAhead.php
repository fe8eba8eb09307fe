<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Statistics\Normal;

/** Says what is to be expected of the hair on a possible wash day, from its means and how uncertain they are. */
final readonly class HairAhead
{
    /** z of the probability at which strong protein is barred: Φ(0.8416) = 0.80. */
    private const Z_BARRED = 0.8416212335729143;

    /** No narrower than anything a reading tells; wider than any forecast is where none reaches. */
    private const WIDEST_SD = 10.0;

    private Head $head;

    /** @var list<array{protein: array{float, float}, moistureLower: float}> band of protein, and where moisture is low */
    private array $bands;

    public function __construct(private MeanSimulator $terrain, private ForecastUncertainty $doubt)
    {
        $this->head = $terrain->head;
        $bands = [];
        foreach ($this->head->strata as $stratum) {
            $half = $stratum->parameters->model->bandHalfWidth;
            $protein = $stratum->targetProtein($this->head->proteinSensitive);
            $bands[] = [
                'protein' => [$protein - $half, $protein + $half],
                'moistureLower' => $stratum->targetMoisture() - $half,
            ];
        }
        $this->bands = $bands;
    }

    /** @param array<int, float> $means four numbers for each stratum, on the day and before anything is done */
    public function of(array $means, int $day): HairThen
    {
        $planning = $this->head->parameters->planning;
        $ahead = $this->terrain->afterDays($means, $day, $planning->proteinLookAheadDays, false);
        $high = $dry = $loaded = false;
        $low = 0.0;
        foreach ($this->bands as $s => ['protein' => [$lower, $upper], 'moistureLower' => $moistureLower]) {
            $at = 4 * $s;
            $high = $high || $means[$at + 1] > $upper - self::Z_BARRED * $this->proteinSd($s, $day);
            $dry = $dry || $means[$at] < $moistureLower;
            $loaded = $loaded || $means[$at + 2] + $means[$at + 3] > $planning->buildUpLimit;
            if ($this->head->strata[$s]->share >= $planning->speaksForTheHeadFrom) {
                // Until then the hair is looked at again: it will be no less known than it is today.
                $sd = $this->proteinSd($s, $planning->proteinLookAheadDays);
                $low = max($low, Normal::cumulative(($lower - $ahead[$at + 1]) / $sd));
            }
        }

        return new HairThen($high, $dry, $loaded, $low);
    }

    /** How uncertain protein is on a day; beyond the forecast as on its last day. */
    private function proteinSd(int $s, int $day): float
    {
        $days = $this->doubt->proteinSd[$s] ?? [];

        return $days[$day] ?? ($days === [] ? self::WIDEST_SD : $days[array_key_last($days)]);
    }
}
