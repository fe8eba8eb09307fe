<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

/** The nine places a head can stand in: moisture low, in its band or high, and protein likewise. */
enum BalanceCell: string
{
    case InBalance = 'in balance';
    case Dry = 'dry';
    case OverMoist = 'over-moist';
    case Weak = 'weak';
    case Stiff = 'stiff';
    case Depleted = 'depleted';
    case Limp = 'limp';
    case Brittle = 'brittle';
    case Overloaded = 'overloaded';

    /**
     * @param int<-1, 1> $moisture below, within or above its band
     * @param int<-1, 1> $protein  below, within or above its band
     */
    public static function at(int $moisture, int $protein): self
    {
        return match ([$moisture, $protein]) {
            [0, 0] => self::InBalance,
            [-1, 0] => self::Dry,
            [1, 0] => self::OverMoist,
            [0, -1] => self::Weak,
            [0, 1] => self::Stiff,
            [-1, -1] => self::Depleted,
            [1, -1] => self::Limp,
            [-1, 1] => self::Brittle,
            [1, 1] => self::Overloaded,
        };
    }
}
