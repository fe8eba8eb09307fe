<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Estimation\Observation\ObservationCatalogue;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Readings\BrokenHairs;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Wording\Message;

/** What a hair test shows of a practice case: raw measures as they are written down, with the noise of hand and eye. */
final class PracticeReadings
{
    /** Tests of points on a scale of halves, by their sign. */
    private const POINTS = [
        'dryness' => Sign::Dryness, 'feel' => Sign::Feel, 'curl-memory' => Sign::CurlMemory,
        'lather' => Sign::Lather, 'detangling-ease' => Sign::DetanglingEase,
    ];

    public const TESTS = [
        'dryness', 'feel', 'wet-stretch', 'build-up-signs', 'broken-hairs', 'curl-memory', 'ends', 'comb-count',
        'taper', 'lather', 'detangling-ease', ...PorosityReadings::TESTS,
    ];

    private const REST_MM = 100.0;
    private const ROOT_MM = 100.0;
    private const HAIRS = 4;

    /**
     * @param int $daysSinceDetangled 0 or more
     *
     * @return array<mixed>|null raw measures; null for a test that says nothing of a practice case
     */
    public static function of(
        string $test,
        PracticeHair $hair,
        int $day,
        int $daysSinceDetangled,
        PracticeLuck $luck,
    ): ?array {
        [$state, $chance] = [$hair->state, $luck->of("test {$test}", $day)];
        if (isset(self::POINTS[$test])) {
            return ['points' => self::points(self::POINTS[$test], $state, $chance)];
        }

        return match ($test) {
            'build-up-signs' => self::buildUp(self::points(Sign::BuildUpSigns, $state, $chance)),
            'wet-stretch' => ['hairs' => self::hairs($state, $chance)],
            'broken-hairs' => self::broken($state, $daysSinceDetangled, $chance),
            'comb-count' => ['hairs' => self::count(Sign::CombCount, $state, $chance)],
            'ends' => self::ends(self::count(Sign::Ends, $state, $chance)),
            'taper' => [
                'root_mm' => self::ROOT_MM,
                'tip_mm' => round(self::ROOT_MM * sqrt(max(1.0, self::seen(Sign::Taper, $state, $chance)) / 100), 1),
            ],
            default => PorosityReadings::of(
                $test,
                $hair->head()->strata[0]->porosity,
                $state->layout->parameters->readings,
                $chance,
            ),
        };
    }

    /** Before anything is done, or as it is told of home where only that is a time for it. */
    public static function momentOf(string $test): Moment
    {
        $moments = TestCatalogue::test($test)?->moments() ?? [];

        return in_array(Moment::BeforeCleansing, $moments, true) ? Moment::BeforeCleansing : Moment::Home;
    }

    /** @return list<Sign> whose own offset a case has */
    public static function signs(): array
    {
        return [
            ...array_values(self::POINTS), Sign::BuildUpSigns, Sign::WetStretch, Sign::StretchReturn, Sign::Broken,
            Sign::CombCount, Sign::Ends, Sign::Taper,
        ];
    }

    private static function points(Sign $sign, State $state, SeededRandom $chance): float
    {
        return round(2 * self::seen($sign, $state, $chance)) / 2;
    }

    /** One look, within the scale. */
    private static function seen(Sign $sign, State $state, SeededRandom $chance): float
    {
        [$least, $most] = $sign->limits();
        $noise = $sign->sd($state->layout->parameters->signs) * $chance->normal();

        return max($least, min($most, self::expected($sign, $state) + $noise));
    }

    private static function expected(Sign $sign, State $state, ?float $daysSinceDetangled = null): float
    {
        [$least, $most] = $sign->limits();
        // A value at the end of a scale would be another equation.
        $within = is_finite($most) ? ($least + $most) / 2 : $least;
        $sd = $sign->sd($state->layout->parameters->signs);
        $like = new MeasuredSign($sign, $within, $sd, Message::of('readings.curl-memory.usual'), $daysSinceDetangled);

        return ObservationCatalogue::of($like, $state->layout, null)->linearized($state)->expected;
    }

    /** @return array<string, float> up to two points a sign, the plainest first */
    private static function buildUp(float $points): array
    {
        $each = [];
        foreach (['dull', 'beads', 'sticky', 'film', 'no_lather'] as $sign) {
            $each[$sign] = max(0.0, min(2.0, $points));
            $points -= $each[$sign];
        }

        return $each;
    }

    /** @return list<array<string, float>> */
    private static function hairs(State $state, SeededRandom $chance): array
    {
        $hairs = [];
        $noise = Sign::StretchReturn->sd($state->layout->parameters->signs);
        for ($i = 0; $i < self::HAIRS; $i++) {
            $stretched = round(self::REST_MM + max(2.0, min(140.0, self::seen(Sign::WetStretch, $state, $chance))));
            $returns = max(40.0, min(100.0, self::returns($state) + $noise * $chance->normal()));
            $returned = round(2 * ($stretched - $returns / 100 * ($stretched - self::REST_MM))) / 2;
            $hairs[] = [
                'rest_mm' => self::REST_MM,
                'stretched_mm' => $stretched,
                'returned_mm' => max(self::REST_MM, min($stretched, $returned)),
            ];
        }

        return $hairs;
    }

    /** Where hair would return to if it could return further than fully: what caps it is the hair, not the eye. */
    private static function returns(State $state): float
    {
        $signs = $state->layout->parameters->signs;
        $slopes = $signs->signSlopes[Sign::StretchReturn->value];
        $line = $signs->signAtTarget[Sign::StretchReturn->value]
            + $state->mean[$state->layout->offset(Sign::StretchReturn)];
        foreach ($state->layout->head->strata as $s => $stratum) {
            $moisture = $state->value($s, StateLayout::MOISTURE) - $stratum->targetMoisture();
            $protein = $state->value($s, StateLayout::PROTEIN)
                - $stratum->targetProtein($state->layout->head->proteinSensitive);
            $line += $stratum->share * ($slopes['moisture'] * $moisture + $slopes['protein'] * $protein);
        }

        return $line;
    }

    /** @return array<string, int> */
    private static function broken(State $state, int $daysSinceDetangled, SeededRandom $chance): array
    {
        $usual = BrokenHairs::usualShed($daysSinceDetangled, $state->layout->parameters->readings);

        return [
            'broken' => self::count(Sign::Broken, $state, $chance, $daysSinceDetangled),
            'shed' => $chance->poisson(($usual['least'] + $usual['most']) / 2),
            'days_since_detangled' => $daysSinceDetangled,
        ];
    }

    /** Negative binomial: Poisson about a mean that varies. */
    private static function count(Sign $sign, State $state, SeededRandom $chance, ?int $days = null): int
    {
        $size = (int) ($state->layout->parameters->signs->countSize[$sign->value] ?? 1);

        return $chance->poisson(self::expected($sign, $state, $days) * $chance->gamma($size));
    }

    /** @return array<string, int> */
    private static function ends(int $count): array
    {
        return ['splits' => $count - intdiv($count, 3), 'knots' => intdiv($count, 3)];
    }
}
