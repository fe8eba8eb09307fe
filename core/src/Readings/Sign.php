<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\SignParameters;
use Nagomi\Core\Wording\Message;

/** A sign the hair gives: what a test of the Bench comes down to as a number. */
enum Sign: string
{
    case WetStretch = 'wet-stretch';
    case StretchReturn = 'stretch-return';
    case Feel = 'feel';
    case Dryness = 'dryness';
    case BuildUpSigns = 'build-up-signs';
    case Broken = 'broken';
    case CurlMemory = 'curl-memory';
    case Lather = 'lather';
    case Stripped = 'stripped';
    case Definition = 'definition';
    case Frizz = 'frizz';
    case Clumping = 'clumping';
    case Softness = 'softness';
    case Shine = 'shine';
    case StyleLife = 'style-life';
    case CombCount = 'comb-count';
    case Ends = 'ends';
    case Taper = 'taper';
    case DetanglingEase = 'detangling-ease';
    case Length = 'length';
    case WettingTime = 'wetting-time';
    case Soak = 'soak';
    case Slide = 'slide';
    case DryingTime = 'drying-time';
    case StrandDiameter = 'strand-diameter';
    case TieCircumference = 'tie-circumference';
    case RingDiameter = 'ring-diameter';
    case Shrinkage = 'shrinkage';
    case ShedCount = 'shed-count';
    case PullCount = 'pull-count';
    case ScalpFlakes = 'scalp-flakes';
    case ScalpItch = 'scalp-itch';
    case ScalpOil = 'scalp-oil';
    case ScalpRedness = 'scalp-redness';
    case ScalpSoreness = 'scalp-soreness';
    case ScalpDryness = 'scalp-dryness';
    case DetanglingMinutes = 'detangling-minutes';
    case KnotsCut = 'knots-cut';
    case Squish = 'squish';
    case WaterInHair = 'water-in-hair';
    case Hardness = 'hardness';
    case DewPoint = 'dew-point';
    case MeteredWater = 'metered-water';
    case CombingForce = 'combing-force';
    case WetThrough = 'wet-through';

    public function unit(): Message
    {
        return Message::of('signs.units.' . match ($this) {
            self::WetStretch => 'of-rest-length',
            self::StretchReturn => 'of-stretch',
            self::Feel => 'feel',
            self::Broken, self::CombCount, self::ShedCount, self::PullCount => 'hairs',
            self::Ends => 'ends',
            self::Taper => 'of-the-root',
            self::StyleLife => 'days',
            self::WettingTime => 'seconds',
            self::Soak, self::Slide => 'of-2',
            self::DryingTime, self::WetThrough => 'minutes',
            self::StrandDiameter => 'micrometres',
            self::Length, self::TieCircumference, self::RingDiameter => 'millimetres',
            self::Shrinkage => 'percent',
            self::ScalpFlakes => 'of-80',
            self::DetanglingMinutes => 'minutes-a-section',
            self::KnotsCut => 'knots',
            self::WaterInHair, self::MeteredWater => 'of-dry-weight',
            self::CombingForce => 'newton',
            self::Hardness => 'hardness',
            self::DewPoint => 'celsius',
            default => 'of-10',
        });
    }

    /** Whether the balance is to be heard in it; the others are only followed. */
    public function tellsOfBalance(SignParameters $parameters): bool
    {
        return isset($parameters->signSlopes[$this->value]) || $this->isCount();
    }

    /** A count, whose expectation moves by factors and whose offsets are logarithms. */
    public function isCount(): bool
    {
        return $this === self::Broken || $this === self::CombCount || $this === self::Ends;
    }

    /**
     * Least and most the sign can be at all.
     *
     * @return array{float, float}
     */
    public function limits(): array
    {
        return match ($this) {
            self::Feel => [-5.0, 5.0],
            self::WetStretch => [0.0, 150.0],
            self::StretchReturn, self::Taper => [0.0, 100.0],
            self::StyleLife => [0.0, 60.0],
            self::Soak, self::Slide => [0.0, 2.0],
            self::Shrinkage, self::MeteredWater => [0.0, 100.0],
            self::ScalpFlakes => [0.0, 80.0],
            self::DewPoint => [-60.0, 60.0],
            self::Length, self::WettingTime, self::DryingTime, self::StrandDiameter, self::TieCircumference,
            self::RingDiameter, self::ShedCount, self::PullCount,
            self::DetanglingMinutes, self::KnotsCut, self::WaterInHair, self::Hardness, self::CombingForce,
            self::WetThrough => [0.0, INF],
            self::Broken, self::CombCount, self::Ends => [0.0, INF],
            default => [0.0, 10.0],
        };
    }

    /** Noise of one reading in its own unit; for counts as a logarithm. */
    public function sd(SignParameters $parameters): float
    {
        return $parameters->readingSd[$this->value];
    }
}
