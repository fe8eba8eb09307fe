<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Parameters\TreatmentParameters;

/** What the hair is cleansed with, weakest first. */
enum CleanseKind: string
{
    case CoWash = 'co-wash';
    case LowLather = 'low-lather';
    case Gentle = 'gentle';
    /** A shampoo for the scalp, which sits its minutes before it is rinsed. */
    case ScalpCare = 'scalp-care';
    case Shampoo = 'shampoo';
    case Clarifying = 'clarifying';
    case Chelating = 'chelating';

    /** Share of washable build-up that one pass takes, 0 to 1. */
    public function strength(TreatmentParameters $parameters): float
    {
        return $parameters->cleanseStrength[$this->value];
    }

    /** Clarifying and chelating are the two that take stubborn build-up. */
    public function clarifies(): bool
    {
        return $this === self::Clarifying || $this === self::Chelating;
    }
}
