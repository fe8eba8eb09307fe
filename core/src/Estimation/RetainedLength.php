<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use InvalidArgumentException;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Statistics\Normal;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/**
 * How much of what grew was kept: retained length = grown − trimmed − broken off. Growth is the client's own and is not
 * measured; it is taken from the curl (Loussouarn, Br J Dermatol 2001; from memory) with its doubt, and what was not
 * kept
 * nor cut is what broke off.
 */
final readonly class RetainedLength
{
    /** z of the 10 % and 90 % points: between them lies 80 %. */
    private const Z_80 = 1.2815515655446004;

    /**
     * @param float $grownMm    expected growth over the days
     * @param float $retainedMm length now less length then
     */
    private function __construct(
        public float $days,
        public float $grownMm,
        public float $grownSdMm,
        public float $trimmedMm,
        public float $retainedMm,
        public float $retainedSdMm,
    ) {
    }

    /**
     * The line through the lengths, each put back by what was trimmed before it, against the growth that is expected.
     *
     * @param non-empty-list<array{float, float}> $lengths day and stretched length in mm, ascending
     * @param list<array{float, float}>           $trims   day and mm cut
     *
     * @throws InvalidArgumentException with fewer than two lengths or all on one day
     */
    public static function of(array $lengths, array $trims, ?CurlPattern $curl, Parameters $parameters): self
    {
        $first = $lengths[0][0];
        $last = $lengths[count($lengths) - 1][0];
        if (count($lengths) < 2 || $last <= $first) {
            throw new InvalidArgumentException('Retained length: measure the length on two days at least.');
        }
        $cutUntil = static fn (float $day): float => array_sum(array_map(
            static fn (array $trim): float => $trim[0] > $first && $trim[0] <= $day ? $trim[1] : 0.0,
            $trims,
        ));
        $meanDay = array_sum(array_column($lengths, 0)) / count($lengths);
        $spread = $slope = 0.0;
        foreach ($lengths as [$day, $length]) {
            $spread += ($day - $meanDay) ** 2;
            $slope += ($day - $meanDay) * ($length + $cutUntil($day));
        }
        $days = $last - $first;
        $trimmed = $cutUntil($last);

        return new self(
            $days,
            (
                $curl === null
                    ? $parameters->model->growthMmADay
                    : $parameters->model->growthByCurlMmADay[$curl->value] ?? $parameters->model->growthMmADay
            ) * $days,
            $parameters->model->growthSdMmADay * $days,
            $trimmed,
            $slope / $spread * $days - $trimmed,
            $parameters->signs->readingSd['length'] / sqrt($spread) * $days,
        );
    }

    /**
     * From what is on record: the length readings of the whole head, else of the zone that was measured most often.
     *
     * @param list<Reading> $readings
     * @param list<WashDay> $washDays for the trims
     *
     * @return self|null null with lengths of fewer than two days
     */
    public static function ofHistory(
        array $readings,
        array $washDays,
        ?CurlPattern $curl,
        Parameters $parameters,
    ): ?self {
        $day = static fn (DateTimeImmutable $date): float => $date->getTimestamp() / 86400;
        $places = $trims = [];
        foreach ($readings as $reading) {
            if ($reading->test === 'length') {
                $places[$reading->zone->value ?? ''][] = [$day($reading->date), $reading->measured[0]->value];
            }
        }
        foreach ($washDays as $washDay) {
            foreach ($washDay->steps as $step) {
                if ($step->kind === StepKind::Trim) {
                    $trims[] = [$day($washDay->date), $step->millimetres ?? 0.0];
                }
            }
        }
        // The whole head first, then the zone measured most often.
        $whole = isset($places['']) ? [$places['']] : [];
        unset($places['']);
        usort($places, static fn (array $a, array $b): int => count($b) <=> count($a));
        foreach ([...$whole, ...$places] as $lengths) {
            usort($lengths, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            if ($lengths[count($lengths) - 1][0] > $lengths[0][0]) {
                return self::of($lengths, $trims, $curl, $parameters);
            }
        }

        return null;
    }

    /** What broke off, in mm; below 0 where more was kept than was thought to grow. */
    public function brokenMm(): float
    {
        return $this->grownMm - $this->trimmedMm - $this->retainedMm;
    }

    public function brokenSdMm(): float
    {
        return sqrt($this->grownSdMm ** 2 + $this->retainedSdMm ** 2);
    }

    /** @return array{float, float} the 80 % range of what broke off, in mm */
    public function brokenRangeMm(): array
    {
        return [
            $this->brokenMm() - self::Z_80 * $this->brokenSdMm(),
            $this->brokenMm() + self::Z_80 * $this->brokenSdMm(),
        ];
    }

    /** How sure it is that ends broke off at all, 0 to 1. */
    public function breaksOff(): float
    {
        return Normal::cumulative($this->brokenMm() / $this->brokenSdMm());
    }
}
