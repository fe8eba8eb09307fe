<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\Usual;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Statistics\StudentT;

/** @param list<float> $values */
function usual(array $values, Sign $sign = Sign::WetStretch): ?Usual
{
    return Usual::of($sign, $values, Parameters::shipped());
}

it('gives Student’s quantiles as printed (NIST/SEMATECH e-Handbook 1.3.6.7.2; numbers from memory)', function (
    int $degrees,
    float $probability,
    float $quantile,
): void {
    expect(StudentT::quantile($probability, $degrees))->toEqualWithDelta($quantile, 0.0006)
        ->and(StudentT::quantile(1 - $probability, $degrees))->toEqualWithDelta(-$quantile, 0.0006)
        ->and(StudentT::cumulative($quantile, $degrees))->toEqualWithDelta($probability, 0.0002);
})->with([
    [1, 0.975, 12.706], [5, 0.975, 2.571], [7, 0.90, 1.415], [7, 0.995, 3.499], [10, 0.975, 2.228], [30, 0.95, 1.697],
]);

it('refuses what is no probability and no degrees', function (callable $ask): void {
    expect($ask)->toThrow(InvalidArgumentException::class);
})->with([
    [fn () => StudentT::quantile(0.0, 5)], [fn () => StudentT::quantile(NAN, 5)], [fn () => StudentT::cumulative(1, 0)],
]);

it('says nothing of what is usual before there is a reading beyond the first', function (): void {
    $first = [30.0, 42.0, 35.0, 38.0, 31.0, 44.0, 36.0, 40.0];
    expect(usual([]))->toBeNull()
        ->and(usual($first))->toBeNull()
        ->and(usual([...$first, 37.0]))->not->toBeNull();
});

it('goes by the first readings alone, however many follow', function (): void {
    $first = [30.0, 42.0, 35.0, 38.0, 31.0, 44.0, 36.0, 40.0];
    $short = usual([...$first, 37.0]);
    $long = usual([...$first, 37.0, ...array_fill(0, 30, 60.0)]);
    expect([$long->least, $long->most])->toBe([$short->least, $short->most])
        ->and($long->changed)->toBeTrue()
        ->and(array_keys($long->chart))->toBe(range(8, 38));
});

it('tells one odd reading from a change', function (): void {
    $first = [30.0, 42.0, 35.0, 38.0, 31.0, 44.0, 36.0, 40.0];
    $odd = usual([...$first, 37.0, 36.0, 50.0]);
    $new = usual([...$first, 37.0, ...array_fill(0, 8, 55.0)]);
    expect([$odd->apart, $odd->changed])->toBe([true, false])
        ->and([$new->apart, $new->changed])->toBe([true, true]);
});

it('stays on the scale, and is no surer of readings that agree than of one reading', function (): void {
    $same = usual(array_fill(0, 12, 0.0), Sign::BuildUpSigns);
    $full = usual(array_fill(0, 12, 100.0), Sign::StretchReturn);
    $none = usual(array_fill(0, 12, 0.0), Sign::Broken);
    expect($same->least)->toBe(0.0)->and($same->most)->toBeGreaterThan(1.5)->toBeLessThan(3.0)
        ->and($full->most)->toBe(100.0)->and($full->least)->toBeLessThan(95.0)
        ->and($none->least)->toBe(0.0)->and($none->most)->toBeGreaterThan(1.0)->toBeLessThan(2.0)
        ->and([$same->changed, $full->changed, $none->changed])->toBe([false, false, false]);
});

it('holds four of five readings to come, and calls few heads changed that have not', function (): void {
    $random = new SeededRandom(13);
    $inside = $changed = 0;
    for ($head = 0; $head < 2000; $head++) {
        $values = array_map(fn (): float => $random->normal(60.0, 8.0), range(1, 20));
        $usual = usual($values);
        $inside += $usual->apart ? 0 : 1;
        $changed += in_array(true, array_column($usual->chart, 'changed'), true) ? 1 : 0;
    }
    // Twelve averages a head, one in a hundred of which may leave by chance.
    expect($inside / 2000)->toBeGreaterThan(0.77)->toBeLessThan(0.83)->and($changed / 2000)->toBeLessThan(0.08);
});
