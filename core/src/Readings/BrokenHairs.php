<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\ReadingParameters;
use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Statistics\ExactInterval;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('shed', Message::of('tests.broken-hairs.shed'), 'hairs', 0, 5000, whole: true),
            new RawMeasure('broken', Message::of('tests.broken-hairs.broken'), 'hairs', 0, 2000, whole: true),
            new RawMeasure(
                'days_since_detangled',
                Message::of('tests.broken-hairs.days-since-detangled'),
                'days',
                0,
                120,
            ),
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
     *
     * @return Message|null null where nothing came out
     */
    public function share(array $raw): ?Message
    {
        [$broken, $shed] = [$this->number($raw, 'broken'), $this->number($raw, 'shed')];
        if ($broken + $shed < 1) {
            return null;
        }
        [$least, $most] = ExactInterval::share((int) $broken, (int) ($broken + $shed), self::CERTAINTY);

        return Message::of(
            'readings.broken-hairs.share',
            share: new Figure(100 * $broken / ($broken + $shed), 1),
            least: new Figure(100 * $least, 1),
            most: new Figure(100 * $most, 1),
            certainty: (int) (100 * self::CERTAINTY),
        );
    }

    private static function about(float $hairs): Message
    {
        return $hairs < 1
            ? Message::of('readings.broken-hairs.fewer-than-one')
            : Message::of('readings.broken-hairs.about', hairs: new Figure($hairs, 0));
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $shed = $this->number($raw, 'shed');
        $broken = $this->number($raw, 'broken');
        $days = $this->number($raw, 'days_since_detangled');
        $usual = self::usualShed($days, $parameters->readings);
        $shedSays = match (true) {
            $shed < $usual['least'] => 'fewer-shed',
            $shed > $usual['most'] => 'more-shed',
            default => 'usual-shed',
        };
        $usualBroken = self::usualBroken($days, $parameters->signs);
        $says = Message::of(
            'readings.broken-hairs.says',
            shed: Message::of(
                "readings.broken-hairs.{$shedSays}",
                least: (int) $usual['least'],
                most: (int) $usual['most'],
            ),
            broken: Message::of(
                'readings.broken-hairs.' . ($broken > 2 * $usualBroken ? 'more-broken' : 'usual-broken'),
                broken: (int) $broken,
                usual: self::about($usualBroken),
            ),
        );
        $sd = Sign::Broken->sd($parameters->signs);

        return [new MeasuredSign(Sign::Broken, $broken, $sd, $says, $days)];
    }
}
