<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Treatments\CleanseKind;

/** Why a bottle does not do what a step asks. */
enum BottleMiss: string
{
    case Recalled = 'recalled';
    case ReactedTo = 'reacted-to';
    case NotForThisHair = 'not-for-this-hair';
    case NotRead = 'not-read';
    case MostlyUnknown = 'mostly-unknown';
    case PastItsTime = 'past-its-time';
    case TooLittle = 'too-little';
    case NoProtein = 'no-protein';
    case ProteinTooMild = 'protein-too-mild';
    case ProteinTooStrong = 'protein-too-strong';
    case HoldsProtein = 'holds-protein';
    case TooHarsh = 'too-harsh';
    case TooMildACleanse = 'too-mild-a-cleanse';
    case DoesNotChelate = 'does-not-chelate';
    case NoScalpCare = 'no-scalp-care';
    case SitsTooShort = 'sits-too-short';

    /** @return self|null the first of what the bottle itself has against it; null where it fits */
    public static function of(BottleNeed $need, BottleFacts $bottle): ?self
    {
        return match (true) {
            $bottle->goodUntil !== null && $bottle->goodUntil < $need->on => self::PastItsTime,
            default => self::ofProtein($need, $bottle) ?? self::ofCleanse($need, $bottle) ?? match (true) {
                $bottle->labelMinutes !== null && $bottle->labelMinutes < $need->minutes - 0.01
                    && in_array($need->kind, [ProductKind::Mask, ProductKind::Protein], true) => self::SitsTooShort,
                $bottle->leftMl !== null && $bottle->leftMl < $need->ml => self::TooLittle,
                default => null,
            },
        };
    }

    private static function ofProtein(BottleNeed $need, BottleFacts $bottle): ?self
    {
        return match (true) {
            $need->protein === null => null,
            $need->protein === 'none' => $bottle->protein === 'none' ? null : self::HoldsProtein,
            $bottle->protein === 'none' => self::NoProtein,
            $need->protein === 'strong' && $bottle->protein === 'mild' => self::ProteinTooMild,
            $need->protein === 'mild' && $bottle->protein === 'strong' => self::ProteinTooStrong,
            default => null,
        };
    }

    private static function ofCleanse(BottleNeed $need, BottleFacts $bottle): ?self
    {
        return match (true) {
            $need->cleanse === null => null,
            $need->cleanse === CleanseKind::Chelating && ! $bottle->chelates => self::DoesNotChelate,
            $need->cleanse === CleanseKind::ScalpCare && ! $bottle->caresForScalp => self::NoScalpCare,
            $need->cleanse->clarifies() => in_array($bottle->surfactants, ['none', 'mild'], true)
                ? self::TooMildACleanse
                : null,
            in_array($need->cleanse, [CleanseKind::Gentle, CleanseKind::LowLather, CleanseKind::CoWash], true)
                && $bottle->surfactants === 'strong' => self::TooHarsh,
            default => null,
        };
    }
}
