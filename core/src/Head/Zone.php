<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/** The eight zones of the head, everywhere in the product. */
enum Zone: string
{
    case Edges = 'edges';
    case Front = 'front';
    case Left = 'left';
    case Right = 'right';
    case Crown = 'crown';
    case Centre = 'centre';
    case Back = 'back';
    case Nape = 'nape';

    /** The share of the hairs of a head that grow here, 0 to 1; chosen, the eight sum to 1. */
    public function shareOfHair(): float
    {
        return match ($this) {
            self::Edges => 0.06,
            self::Front => 0.13,
            self::Left, self::Right => 0.14,
            self::Crown => 0.14,
            self::Centre => 0.13,
            self::Back => 0.17,
            self::Nape => 0.09,
        };
    }
}
