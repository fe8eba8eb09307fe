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

    public function unit(): string
    {
        return match ($this) {
            self::WetStretch => '% of rest length',
            self::StretchReturn => '% of stretch',
            self::Feel => 'points from −5 (stiff) to 5 (mushy)',
            self::Dryness, self::BuildUpSigns => 'points of 10',
            self::Broken => 'hairs',
        };
    }

    /** Noise of one reading in its own unit; for broken hairs as a logarithm. */
    public function sd(): float
    {
        return Model::READING_SD[$this->value];
    }
}
