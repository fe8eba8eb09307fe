<?php

declare(strict_types=1);

use Nagomi\Core\Estimation\RetainedLength;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

it('keeps all of what grew where nothing was cut nor broke', function (): void {
    // 0.27 mm a day for 4a over 200 days.
    $length = RetainedLength::of(
        [[0.0, 300.0], [100.0, 327.0], [200.0, 354.0]],
        [],
        CurlPattern::FourA,
        Parameters::shipped(),
    );
    expect($length->grownMm)->toEqualWithDelta(54.0, 1e-9)->and($length->retainedMm)->toEqualWithDelta(54.0, 1e-9)
        ->and($length->brokenMm())->toEqualWithDelta(0.0, 1e-9)->and($length->breaksOff())->toEqualWithDelta(0.5, 1e-9);
});

it('puts what was trimmed beside what broke off', function (): void {
    $length = RetainedLength::of(
        [[0.0, 300.0], [180.0, 310.0]],
        [[90.0, 15.0], [400.0, 50.0]],
        CurlPattern::ThreeC,
        Parameters::shipped(),
    );
    expect($length->trimmedMm)->toBe(15.0)->and($length->retainedMm)->toEqualWithDelta(10.0, 1e-9)
        ->and($length->brokenMm())->toEqualWithDelta(0.29 * 180 - 15 - 10, 1e-9);
    [$least, $most] = $length->brokenRangeMm();
    expect($least)
        ->toBeLessThan($length->brokenMm())
        ->and($most)
        ->toBeGreaterThan($length->brokenMm())
        ->and($length->breaksOff())
        ->toBeGreaterThan(0.9);
});

it('asks for two days at least', function (): void {
    expect(
        fn () => RetainedLength::of([[0.0, 300.0]], [], CurlPattern::FourA, Parameters::shipped()),
    )->toRefuse(InvalidArgumentException::class, 'two days')
        ->and(
            fn () => RetainedLength::of([[5.0, 300.0], [5.0, 301.0]], [], CurlPattern::FourA, Parameters::shipped()),
        )->toThrow(InvalidArgumentException::class);
});

it('reads lengths and trims off the record, the whole head before any zone', function (): void {
    $reading = fn (string $date, float $mm, ?Zone $zone = null) => new Reading(
        "l-{$date}-" . ($zone->value ?? ''),
        Make::day($date),
        Moment::Home,
        'length',
        ['length_mm' => $mm],
        $zone,
    );
    $trim = new WashDay('t', Make::day('2026-02-01'), [new Step(StepKind::Trim, millimetres: 10.0)]);
    $length = RetainedLength::ofHistory(
        [
            $reading('2026-04-01', 320),
            $reading('2026-01-01', 310),
            $reading('2026-01-01', 200, Zone::Nape),
            $reading('2026-03-01', 290, Zone::Nape),
        ],
        [$trim],
        CurlPattern::ThreeB,
        Parameters::shipped(),
    );
    expect($length?->days)
        ->toBe(90.0)
        ->and($length?->trimmedMm)
        ->toBe(10.0)
        ->and($length?->retainedMm)
        ->toEqualWithDelta(10.0, 1e-9);
    $nape = RetainedLength::ofHistory(
        [$reading('2026-04-01', 320), $reading('2026-01-01', 200, Zone::Nape), $reading('2026-03-02', 190, Zone::Nape)],
        [],
        CurlPattern::ThreeB,
        Parameters::shipped(),
    );
    expect($nape?->retainedMm)->toEqualWithDelta(-10.0, 1e-9);
    expect(
        RetainedLength::ofHistory([$reading('2026-04-01', 320)], [], CurlPattern::ThreeB, Parameters::shipped()),
    )->toBeNull();
});

it('goes by the zone that was measured most often where the whole head never was', function (): void {
    $reading = static fn (string $date, float $mm, Zone $zone): Reading => new Reading(
        "l-{$date}-{$zone->value}",
        Make::day($date),
        Moment::Home,
        'length',
        ['length_mm' => $mm],
        $zone,
    );
    $length = RetainedLength::ofHistory(
        [
            $reading('2026-01-01', 200, Zone::Nape), $reading('2026-04-01', 260, Zone::Nape),
            $reading('2026-01-01', 300, Zone::Crown), $reading('2026-02-01', 305, Zone::Crown),
            $reading('2026-04-01', 312, Zone::Crown),
        ],
        [],
        CurlPattern::ThreeB,
        Parameters::shipped(),
    );
    expect($length?->retainedMm)->toBeGreaterThan(8.0)->toBeLessThan(16.0);
});

it('is as unsure of what broke as of what grew and what was kept, together', function (): void {
    $length = RetainedLength::of([[0.0, 300.0], [180.0, 310.0]], [], CurlPattern::ThreeC, Parameters::shipped());
    expect($length->grownSdMm)->toBeGreaterThan(1.0)->and($length->retainedSdMm)->toBeGreaterThan(1.0)
        ->and($length->brokenSdMm())->toEqualWithDelta(hypot($length->grownSdMm, $length->retainedSdMm), 1e-9);
});
