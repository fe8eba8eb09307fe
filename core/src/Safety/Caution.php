<?php

declare(strict_types=1);

namespace Nagomi\Core\Safety;

/**
 * Cautions of the trade, shown where they belong. Not medical advice: local board rules and licensed practice
 * come first, chemical services belong to the licensed.
 */
enum Caution: string
{
    case Refer = 'refer';
    case PatchTest = 'patch-test';
    case SoreScalp = 'sore-scalp';
    case WaterHeat = 'water-heat';
    case HeatCap = 'heat-cap';
    case EssentialOils = 'essential-oils';
    case Tension = 'tension';
    case Protein = 'protein';
    case Minor = 'minor';
    case Allergies = 'allergies';

    public function sentence(): string
    {
        return match ($this) {
            self::Refer =>
                'Broken or weeping skin, pus, sudden or patchy loss, pain, ring-shaped scaling, lice, or '
                    . 'heavy flaking with redness that does not ease: refer to a clinician before any treatment.',
            self::PatchTest =>
                'Patch test 48 h before a new product with known sensitisers; stop at burning or swelling, '
                    . 'keep out of the eyes.',
            self::SoreScalp =>
                'Sore scalp: no heat, no clarifying or chelating cleanse, no essential oils until it is cleared.',
            self::WaterHeat =>
                'Test the water on the inner wrist: 49 °C burns in about 5 minutes, 60 °C in seconds (US '
                    . 'Consumer Product Safety Commission).',
            self::HeatCap =>
                'Heat cap or hood: start comfortable and step down, never on a sore scalp, never on a '
                    . 'sleeping or small child; no oil under a hot hood, cords away from water.',
            self::EssentialOils =>
                'Essential oils: about 1 % at most on the scalp; less or none for children, in pregnancy or '
                    . 'with asthma — ask a clinician.',
            self::Tension => 'Tender edges or bumps: take the tension out; loss from traction can be permanent.',
            self::Protein => 'Protein: start mild, watch, always moisturise after.',
            self::Minor =>
                'A minor: a guardian’s consent stands on record; records and pictures of children are private.',
            self::Allergies => 'Nothing on this skin that the allergy list names; read the whole label.',
        };
    }

    /**
     * The cautions that belong on the page of a head.
     *
     * @return list<self>
     */
    public static function forHead(
        bool $soreScalp,
        bool $redSign,
        bool $tenderEdges,
        bool $minor,
        bool $allergies,
        bool $asthmaOrPregnant,
        bool $heat,
    ): array {
        return array_values(array_filter([
            $redSign ? self::Refer : null,
            $soreScalp ? self::SoreScalp : null,
            $tenderEdges ? self::Tension : null,
            $allergies ? self::Allergies : null,
            $minor ? self::Minor : null,
            $asthmaOrPregnant || $minor ? self::EssentialOils : null,
            $heat ? self::HeatCap : null,
            $allergies ? self::PatchTest : null,
        ]));
    }
}
