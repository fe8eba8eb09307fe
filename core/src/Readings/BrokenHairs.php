<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\ReadingParameters;
use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Statistics\ExactInterval;

/**
 * The hairs that came out at a detangling: with a bulb they were shed, short and without one they broke.
 * What is usual to shed grows with the days since the hair was last detangled.
 */
final readonly class BrokenHairs implements Test
{
    use AsksForNumbers;

    private const CERTAINTY = 0.95;

    public function name(): string
    {
        return 'broken-hairs';
    }

    public function moments(): array
    {
        return Moment::cases();
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('shed', 'Shed, with a bulb', 'hairs', 0, 5000, whole: true),
            new RawMeasure('broken', 'Broken, short without a bulb', 'hairs', 0, 2000, whole: true),
            new RawMeasure('days_since_detangled', 'Days since last detangled', 'days', 0, 120),
        ];
    }

    /** @return array{least: float, most: float} hairs usually shed over these days */
    public static function usualShed(float $daysSinceDetangled, ReadingParameters $parameters): array
    {
        $days = max(1.0, $daysSinceDetangled);

        return [
            'least' => $parameters->shedADay['least'] * $days,
            'most' => $parameters->shedADay['most'] * $days,
        ];
    }

    /** Broken hairs expected of hair in balance and without wear, at one detangling after these days. */
    public static function usualBroken(float $daysSinceDetangled, SignParameters $parameters): float
    {
        return ($daysSinceDetangled + $parameters->brokenDaysOffset) * $parameters->brokenADayInBalance;
    }

    /**
     * The broken share of what came out, with Clopper and Pearson's exact interval. Worked out where it is shown, not
     * with every reading: it takes a thousand times as long.
     *
     * @param array<mixed> $raw raw measures without problems
     */
    public function share(array $raw): string
    {
        [$broken, $shed] = [$this->number($raw, 'broken'), $this->number($raw, 'shed')];
        if ($broken + $shed < 1) {
            return '';
        }
        [$least, $most] = ExactInterval::share((int) $broken, (int) ($broken + $shed), self::CERTAINTY);

        return sprintf(
            '%.1f %% of what came out broke (%.1f to %.1f %% with %d %% certainty)',
            100 * $broken / ($broken + $shed),
            100 * $least,
            100 * $most,
            100 * self::CERTAINTY,
        );
    }

    private static function about(float $hairs): string
    {
        return $hairs < 1 ? 'fewer than one' : sprintf('about %.0f', $hairs);
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $shed = $this->number($raw, 'shed');
        $broken = $this->number($raw, 'broken');
        $days = $this->number($raw, 'days_since_detangled');
        $usual = self::usualShed($days, $parameters->readings);
        $shedSays = match (true) {
            $shed < $usual['least'] => sprintf(
                'fewer shed than the %d to %d usual over this time',
                $usual['least'],
                $usual['most'],
            ),
            $shed > $usual['most'] => sprintf(
                'more shed than the %d to %d usual over this time; if it goes on, ask a clinician',
                $usual['least'],
                $usual['most'],
            ),
            default => sprintf('as many shed as the %d to %d usual over this time', $usual['least'], $usual['most']),
        };
        $usualBroken = self::usualBroken($days, $parameters->signs);
        $brokenSays = $broken > 2 * $usualBroken
            ? sprintf(
                '%d broken is more than twice the %s of hair in balance',
                $broken,
                self::about($usualBroken),
            )
            : sprintf('%d broken, where hair in balance has %s', $broken, self::about($usualBroken));

        $sd = Sign::Broken->sd($parameters->signs);

        return [new MeasuredSign(Sign::Broken, $broken, $sd, "{$shedSays}; {$brokenSays}", $days)];
    }
}
