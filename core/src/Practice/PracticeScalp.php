<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\ScalpParameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Scalp\ScalpDynamics;
use Nagomi\Core\Scalp\ScalpState;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\WashDay;

/** The scalp of a practice case as it really is, by the equations of docs/scalp.md, with luck. */
final readonly class PracticeScalp
{
    private const SIGNS = [
        'itch' => Sign::ScalpItch, 'oil' => Sign::ScalpOil, 'dryness' => Sign::ScalpDryness,
    ];

    /** @param ScalpState $state its mean is the truth */
    public function __construct(public ScalpState $state)
    {
    }

    /** Drawn from what is assumed of any scalp before it is read. */
    public static function drawn(ScalpParameters $scalp, SeededRandom $chance): self
    {
        $usual = ScalpState::usual($scalp);
        $mean = [];
        foreach ($usual->mean as $i => $value) {
            $mean[] = $value + sqrt($usual->covariance[$i][$i]) * $chance->normal();
        }

        return self::of($mean);
    }

    /**
     * @param list<float> $mean of the seven quantities of {@see ScalpState}
     *
     * @return self in the same state without oil that lies on it
     */
    public static function of(array $mean, float $care = 0.0, bool $oiled = false): self
    {
        foreach ([ScalpState::OIL, ScalpState::FLAKES, ScalpState::DRYNESS] as $i) {
            $mean[$i] = max(0.0, min(10.0, $mean[$i]));
        }
        $none = array_fill(0, count($mean), array_fill(0, count($mean), 0.0));

        return new self(new ScalpState($mean, $none, [], $care, $oiled));
    }

    /** @param float $humidity relative humidity of the day, % */
    public function afterADay(int $day, float $humidity, ScalpParameters $scalp, PracticeLuck $luck): self
    {
        $moved = ScalpDynamics::afterDays($this->state, 1, $humidity, $scalp);
        [$chance, $drift] = [$luck->of('scalp', $day), $scalp->driftADay];
        $sds = [
            $drift['oil'], $drift['flakes'], $drift['dryness'], $drift['itch'], $drift['rate'], $drift['rate'],
            $drift['rate'],
        ];
        $mean = array_map(
            static fn (float $value, float $sd): float => $value + $sd * $chance->normal(),
            $moved->mean,
            $sds,
        );

        return self::of($mean, $moved->care, $moved->oiled);
    }

    public function washed(WashDay $done, ScalpParameters $scalp): self
    {
        $state = $this->state;
        foreach ($done->steps as $step) {
            $state = ScalpDynamics::afterStep($state, $step, $scalp);
        }

        return self::of($state->mean, $state->care, $state->oiled);
    }

    /** @return array<string, float> what the map of the scalp shows: points of 10, flakes by zone */
    public function map(ScalpParameters $scalp, PracticeLuck $luck, int $day): array
    {
        $chance = $luck->of('test-scalp', $day);
        $points = static fn (float $value, float $sd): float => round(
            max(0.0, min(10.0, $value + $sd * $chance->normal())),
        );
        $map = [];
        foreach (Zone::cases() as $zone) {
            $map["flakes_{$zone->value}"] = $points($this->state->mean[ScalpState::FLAKES], $scalp->zoneReadingSd);
        }
        foreach (self::SIGNS as $name => $sign) {
            $map[$name] = $points($this->state->expected($sign, $scalp) ?? 0.0, 1.0);
        }

        // Nothing of a practice case is for a clinician.
        return [...$map, 'redness' => 0.0, 'soreness' => 0.0];
    }

    /** @return list<Sign> that are past what something is done about */
    public function past(ScalpParameters $scalp): array
    {
        $signs = [Sign::ScalpFlakes, Sign::ScalpItch, Sign::ScalpOil, Sign::ScalpDryness];

        return array_values(array_filter($signs, fn (Sign $sign): bool => ($this->state->expected($sign, $scalp) ?? 0.0)
            >= $scalp->limit[str_replace('scalp-', '', $sign->value)]));
    }
}
