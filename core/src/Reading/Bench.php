<?php

declare(strict_types=1);

namespace Nagomi\Core\Reading;

/** All tests of the Bench, in the order they are usually taken. */
final class Bench
{
    /** @return array<string, Test> by name */
    public static function tests(): array
    {
        $tests = [
            new BuildUpSigns(), new Dryness(), new Feel(), new CurlMemory(), new WetStretch(), new BrokenHairs(), new CombCount(), new Ends(), new Taper(),
            new DetanglingEase(), new Lather(), new Stripped(), new Result(), new StyleLife(), new Length(),
            new ScalpMap(), new Wetting(), new Drying(), new StrandDiameterTest(), new Density(), new Curl(), new ShedBall(), new Pull(), new Detangling(), new Squish(),
            new WaterInHair(), new Hardness(), new AirReading(),
        ];


        return array_column(array_map(static fn (Test $test): array => [$test->name(), $test], $tests), 1, 0);
    }

    public static function test(string $name): ?Test
    {
        return self::tests()[$name] ?? null;
    }
}
