<?php

declare(strict_types=1);

namespace Nagomi\Core\Safety;

use Nagomi\Core\Wording\Message;

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

    public function sentence(): Message
    {
        return Message::of("cautions.{$this->value}");
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
