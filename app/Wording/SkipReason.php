<?php

declare(strict_types=1);

namespace App\Wording;

/** Why a test that was worth taking was not taken. */
enum SkipReason: string
{
    case NoTime = 'no-time';
    case NotNow = 'not-now';
    case Unready = 'unready';
    case NoInstrument = 'no-instrument';
}
