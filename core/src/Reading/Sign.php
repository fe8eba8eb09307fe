<?php

declare(strict_types=1);

namespace Nagomi\Core\Reading;

use Nagomi\Core\Parameter\Model;

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

    public function unit(): string
    {
        return match ($this) {
            self::WetStretch => '% of rest length',
            self::StretchReturn => '% of stretch',
            self::Feel => 'points from −5 (stiff) to 5 (mushy)',
            self::Broken, self::CombCount => 'hairs',
            self::Ends => 'splits and knots a section',
            self::Taper => '% of the thickness at the root',
            self::StyleLife => 'days',
            self::Length => 'mm',
            default => 'points of 10',
        };
    }

    /** Whether the balance is to be heard in it; length is only followed. */
    public function tellsOfBalance(): bool
    {
        return $this !== self::Length;
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
            self::Length => [10.0, 2000.0],
            self::Broken, self::CombCount, self::Ends => [0.0, INF],
            default => [0.0, 10.0],
        };
    }

    /** Noise of one reading in its own unit; for counts as a logarithm. */
    public function sd(): float
    {
        return Model::READING_SD[$this->value];
    }
}
