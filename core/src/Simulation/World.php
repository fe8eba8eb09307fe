<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

/**
 * What virtual heads live by: the equations the filter knows, or others that it does not. One thing is otherwise in
 * each, by about as much as would pass unnoticed by the eye; all chosen.
 */
enum World: string
{
    case Shipped = 'shipped';
    case FlatSigns = 'flat-signs';
    case SteepSigns = 'steep-signs';
    case FastFading = 'fast-fading';
    case SlowFading = 'slow-fading';
    case WeakTreatments = 'weak-treatments';
    case SaturatingSigns = 'saturating-signs';
    case IrregularClients = 'irregular-clients';
    case SkippedSteps = 'skipped-steps';
    case DriftingStylists = 'drifting-stylists';
    case HeavyTails = 'heavy-tails';
    case KindsDiffer = 'kinds-differ';

    public function rules(): WorldRules
    {
        return match ($this) {
            self::Shipped => new WorldRules(),
            self::FlatSigns => new WorldRules(slope: 0.6),
            self::SteepSigns => new WorldRules(slope: 1.5),
            self::FastFading => new WorldRules(halfLife: 0.7),
            self::SlowFading => new WorldRules(halfLife: 1.4),
            self::WeakTreatments => new WorldRules(strength: 0.7),
            self::SaturatingSigns => new WorldRules(levelsOffAt: 2.5),
            self::IrregularClients => new WorldRules(gapLogSd: 0.5),
            self::SkippedSteps => new WorldRules(skips: 0.13, doubles: 0.03),
            // As far as .6 of a sign's noise in half a year.
            self::DriftingStylists => new WorldRules(drift: 0.6 / sqrt(182)),
            self::KindsDiffer => new WorldRules(kinds: 0.4),
            self::HeavyTails => new WorldRules(grossErrors: 0.08, grossFactor: 5.0),
        };
    }
}
