<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** What a product is used as on a wash day. */
enum ProductKind: string
{
    case PreWash = 'pre-wash';
    case Shampoo = 'shampoo';
    case CoWash = 'co-wash';
    case Clarifier = 'clarifier';
    case Protein = 'protein';
    case Conditioner = 'conditioner';
    case Mask = 'mask';
    case LeaveIn = 'leave-in';
    case Styler = 'styler';
    case Oil = 'oil';
    case Rinse = 'rinse';
    case ScalpCare = 'scalp-care';

    /** @return self|null what a step is done with; null: nothing out of a bottle */
    public static function of(Step $step): ?self
    {
        return match ($step->kind) {
            // Conditioner is put on dry out of its own bottle.
            StepKind::PreWash => $step->how === 'conditioner' ? self::Conditioner : self::PreWash,
            StepKind::Cleanse => match ($step->cleanse) {
                CleanseKind::CoWash => self::CoWash,
                CleanseKind::Clarifying, CleanseKind::Chelating => self::Clarifier,
                default => self::Shampoo,
            },
            StepKind::MildProtein, StepKind::StrongProtein => self::Protein,
            StepKind::Conditioner => self::Conditioner,
            StepKind::Mask => self::Mask,
            StepKind::LeaveIn => self::LeaveIn,
            StepKind::Seal => self::Oil,
            StepKind::ScalpOil => self::ScalpCare,
            default => null,
        };
    }

    /** Stays on the hair until the next wash. */
    public function staysOn(): bool
    {
        return in_array($this, [self::LeaveIn, self::Styler, self::Oil, self::ScalpCare], true);
    }

    /** Reaches the skin. */
    public function reachesScalp(): bool
    {
        return in_array($this, [self::Shampoo, self::CoWash, self::Clarifier, self::Rinse, self::ScalpCare], true);
    }
}
