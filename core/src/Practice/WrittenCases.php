<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use InvalidArgumentException;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Scalp\ScalpState;
use Nagomi\Core\Treatments\CleanseKind;

/** Twelve written cases in three grades: the usual troubles (common practice, no source). */
final class WrittenCases
{
    /** Seeds of drawn cases end before it. */
    public const FIRST_SEED = 1_000_001;

    /** @return list<WrittenCase> from plain to hard */
    public static function all(): array
    {
        return [
            self::dryThoughMasked(), self::overdoneWithProtein(),
            self::limpAfterCoWash(), self::stretchesAndStays(),
            self::bleachedEnds(), self::flakesUnderOil(),
            self::childWithKnots(), self::braidsOut(),
            self::toldOtherwise(), self::hardWater(),
            self::littleTime(), self::twoHeadsInOne(),
        ];
    }

    /** @throws InvalidArgumentException where there is none of that name */
    public static function of(string $name, DateTimeImmutable $from): PracticeCase
    {
        foreach (self::all() as $place => $case) {
            if ($case->name === $name) {
                return $case->from($from, self::FIRST_SEED + $place);
            }
        }

        throw new InvalidArgumentException("There is no written case {$name}.");
    }

    private static function dryThoughMasked(): WrittenCase
    {
        return new WrittenCase(
            'dry-though-masked',
            1,
            new PracticeBudget(10, 180, 120, 300.0),
            Porosity::Medium,
            moisture: -21.0,
            washable: 35.0,
            stubborn: 45.0,
            hardnessMgPerL: 280.0,
            load: StylingLoad::Heavy,
            maskEvery: 1,
            says: [PracticeComplaint::Dry, PracticeComplaint::Dull],
        );
    }

    private static function overdoneWithProtein(): WrittenCase
    {
        return new WrittenCase(
            'overdone-with-protein',
            1,
            new PracticeBudget(10, 180, 120, 300.0),
            Porosity::Medium,
            moisture: -8.0,
            protein: 20.0,
            wear: 25.0,
            maskEvery: 3,
            proteinEvery: 1,
            says: [PracticeComplaint::Dry, PracticeComplaint::Snaps],
        );
    }

    private static function limpAfterCoWash(): WrittenCase
    {
        return new WrittenCase(
            'limp-after-co-wash',
            1,
            new PracticeBudget(10, 180, 120, 300.0),
            Porosity::Low,
            StrandDiameter::Fine,
            moisture: 20.0,
            protein: -9.0,
            washable: 40.0,
            stubborn: 15.0,
            washEveryDays: 4,
            cleanse: CleanseKind::CoWash,
            maskEvery: 1,
            lastWash: 4,
            ringMm: 22.0,
            says: [PracticeComplaint::Limp, PracticeComplaint::Oily],
        );
    }

    private static function stretchesAndStays(): WrittenCase
    {
        return new WrittenCase(
            'stretches-and-stays',
            1,
            new PracticeBudget(10, 180, 120, 300.0),
            Porosity::High,
            StrandDiameter::Fine,
            moisture: 4.0,
            protein: -20.0,
            wear: 30.0,
            maskEvery: 1,
            says: [PracticeComplaint::Limp, PracticeComplaint::Snaps],
        );
    }

    private static function bleachedEnds(): WrittenCase
    {
        return new WrittenCase(
            'bleached-ends',
            2,
            new PracticeBudget(8, 150, 90, 200.0),
            Porosity::High,
            roots: Porosity::Medium,
            moisture: -10.0,
            protein: -19.0,
            wear: 45.0,
            ringMm: 18.0,
            says: [PracticeComplaint::Snaps, PracticeComplaint::Knots],
        );
    }

    private static function flakesUnderOil(): WrittenCase
    {
        return new WrittenCase(
            'flakes-under-oil',
            2,
            new PracticeBudget(8, 150, 90, 200.0),
            Porosity::Low,
            StrandDiameter::Coarse,
            moisture: -6.0,
            washable: 40.0,
            scalp: [ScalpState::OIL => 6.5, ScalpState::FLAKES => 4.0, ScalpState::FLAKES_RATE => 0.3],
            humidityPercent: 40.0,
            washEveryDays: 10,
            lastWash: 10,
            ringMm: 8.0,
            says: [PracticeComplaint::Flakes, PracticeComplaint::Itch],
        );
    }

    private static function childWithKnots(): WrittenCase
    {
        return new WrittenCase(
            'child-with-knots',
            2,
            new PracticeBudget(5, 75, 60, 120.0),
            Porosity::Medium,
            StrandDiameter::Fine,
            moisture: -18.0,
            wear: 35.0,
            load: StylingLoad::Light,
            lengthMm: 220.0,
            isChild: true,
            ringMm: 10.0,
            keeps: 0.75,
            says: [PracticeComplaint::Knots],
        );
    }

    private static function braidsOut(): WrittenCase
    {
        return new WrittenCase(
            'braids-out',
            2,
            new PracticeBudget(8, 180, 90, 200.0),
            Porosity::Medium,
            StrandDiameter::Coarse,
            moisture: -21.0,
            washable: 55.0,
            stubborn: 20.0,
            wear: 55.0,
            scalp: [ScalpState::FLAKES => 3.0, ScalpState::OIL => 5.0],
            lastWash: 42,
            ringMm: 6.0,
            says: [PracticeComplaint::Knots, PracticeComplaint::Dry],
        );
    }

    private static function toldOtherwise(): WrittenCase
    {
        return new WrittenCase(
            'told-otherwise',
            3,
            new PracticeBudget(6, 150, 90, 200.0),
            Porosity::High,
            told: Porosity::Low,
            moisture: -19.0,
            protein: -11.0,
            wear: 30.0,
            cleanse: CleanseKind::Shampoo,
            says: [PracticeComplaint::Dry],
        );
    }

    private static function hardWater(): WrittenCase
    {
        return new WrittenCase(
            'hard-water',
            3,
            new PracticeBudget(6, 120, 90, 160.0),
            Porosity::High,
            StrandDiameter::Fine,
            moisture: -19.0,
            protein: 8.0,
            stubborn: 60.0,
            hardnessMgPerL: 330.0,
            cleanse: CleanseKind::LowLather,
            keeps: 0.75,
            says: [PracticeComplaint::Dull, PracticeComplaint::Dry],
        );
    }

    private static function littleTime(): WrittenCase
    {
        return new WrittenCase(
            'little-time',
            3,
            new PracticeBudget(5, 90, 75, 160.0),
            Porosity::Low,
            StrandDiameter::Coarse,
            moisture: -20.0,
            protein: -19.0,
            washEveryDays: 9,
            lastWash: 9,
            ringMm: 7.0,
            keeps: 0.6,
            says: [PracticeComplaint::Dry, PracticeComplaint::Limp],
        );
    }

    private static function twoHeadsInOne(): WrittenCase
    {
        return new WrittenCase(
            'two-heads-in-one',
            3,
            new PracticeBudget(6, 120, 90, 160.0),
            Porosity::Low,
            told: Porosity::Medium,
            edges: Porosity::High,
            moisture: 18.0,
            protein: -18.0,
            washable: 45.0,
            wear: 35.0,
            cleanse: CleanseKind::CoWash,
            maskEvery: 1,
            says: [PracticeComplaint::Limp, PracticeComplaint::Snaps],
        );
    }
}
