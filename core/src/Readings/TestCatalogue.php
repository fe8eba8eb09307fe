<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

/** All tests of the Bench, in the order they are usually taken. */
final class TestCatalogue
{
    /** Tests that give signs of other names than their own, or several, by test. */
    private const GIVE = [
        'wet-stretch' => [Sign::WetStretch, Sign::StretchReturn],
        'broken-hairs' => [Sign::Broken],
        'result' => [Sign::Definition, Sign::Frizz, Sign::Clumping, Sign::Softness, Sign::Shine],
        'scalp' => [
            Sign::ScalpFlakes, Sign::ScalpItch, Sign::ScalpOil, Sign::ScalpRedness, Sign::ScalpSoreness,
            Sign::ScalpDryness,
        ],
        'scalp-at-home' => [Sign::ScalpItch, Sign::ScalpOil, Sign::ScalpSoreness, Sign::ScalpDryness],
        'wetting' => [Sign::WettingTime, Sign::Soak, Sign::Slide],
        'drying' => [Sign::DryingTime],
        'density' => [Sign::TieCircumference],
        'curl' => [Sign::Shrinkage, Sign::RingDiameter],
        'shed-ball' => [Sign::ShedCount],
        'pull' => [Sign::PullCount],
        'detangling' => [Sign::DetanglingMinutes, Sign::KnotsCut],
        'air' => [Sign::DewPoint],
        'moisture-meter' => [Sign::MeteredWater],
    ];

    /** @var array<string, Test> a test holds nothing, so one of each is enough for thousands of readings */
    private static array $tests = [];

    /** @return array<string, Test> by name */
    public static function tests(): array
    {
        return self::$tests ?: self::$tests = self::all();
    }

    public static function test(string $name): ?Test
    {
        return self::tests()[$name] ?? null;
    }

    /** @return list<string> names of the tests that give any of these signs */
    public static function giving(Sign ...$signs): array
    {
        return array_values(array_filter(
            array_keys(self::tests()),
            static fn (string $test): bool => array_filter(
                self::GIVE[$test] ?? [Sign::tryFrom($test)],
                static fn (?Sign $sign): bool => $sign !== null && in_array($sign, $signs, true),
            ) !== [],
        ));
    }

    /** @return array<string, Test> */
    private static function all(): array
    {
        $tests = [
            new BuildUpSigns(), new Dryness(), new Feel(), new CurlMemory(), new WetStretch(), new BrokenHairs(),
            new CombCount(), new Ends(), new Taper(),
            new DetanglingEase(), new Lather(), new Stripped(), new StyledResult(), new StyleLife(), new Length(),
            new ScalpMap(), new ScalpAtHome(), new Wetting(), new DryingTime(), new StrandDiameterTest(), new Density(),
            new Curl(), new ShedBall(), new Pull(), new Detangling(), new Squish(),
            new WaterInHair(), new Hardness(), new AirReading(), new MoistureMeter(), new CombingForce(),
            new WetThrough(),
        ];

        return array_column(array_map(static fn (Test $test): array => [$test->name(), $test], $tests), 1, 0);
    }
}
