<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

/** All tests of the Bench, in the order they are usually taken. */
final class TestCatalogue
{
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
