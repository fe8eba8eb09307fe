<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Parameters\HabitParameters;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** The steps of a wash at home that somebody may leave out, as far as they are told apart. */
enum HomeStep: string
{
    case PreWash = 'pre-wash';
    case Clarifying = 'clarifying';
    case Protein = 'protein';
    case ShortMask = 'short-mask';
    case LongMask = 'long-mask';
    case Conditioner = 'conditioner';
    case LeaveIn = 'leave-in';
    case Seal = 'seal';

    /** @return self|null null: nobody who washes leaves it out */
    public static function of(Step $step, HabitParameters $parameters): ?self
    {
        return match ($step->kind) {
            StepKind::PreWash => self::PreWash,
            StepKind::Cleanse => $step->cleanse?->clarifies() === true ? self::Clarifying : null,
            StepKind::MildProtein, StepKind::StrongProtein => self::Protein,
            StepKind::Mask => $step->minutes <= $parameters->shortMaskMinutes ? self::ShortMask : self::LongMask,
            StepKind::Conditioner => self::Conditioner,
            StepKind::LeaveIn => self::LeaveIn,
            StepKind::Seal => self::Seal,
            default => null,
        };
    }

    /** Whether it was told of; a mask does what a conditioner would have. */
    public function isToldOf(WashDay $day): bool
    {
        return match ($this) {
            self::PreWash => $day->has(StepKind::PreWash),
            self::Clarifying => $day->clarifies(),
            self::Protein => $day->has(StepKind::MildProtein, StepKind::StrongProtein),
            self::ShortMask, self::LongMask => $day->has(StepKind::Mask),
            self::Conditioner => $day->has(StepKind::Conditioner, StepKind::Mask),
            self::LeaveIn => $day->has(StepKind::LeaveIn),
            self::Seal => $day->has(StepKind::Seal),
        };
    }

    /** Whether one may be told of as another: a mask as a conditioner, what clarifies as shampoo. */
    public function isMistaken(): bool
    {
        return match ($this) {
            self::ShortMask, self::LongMask, self::Clarifying => true,
            default => false,
        };
    }
}
