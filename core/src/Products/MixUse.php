<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** Where a mix goes and on whom, as far as it caps essential oils. */
enum MixUse: string
{
    case Scalp = 'scalp';
    case RinsedOff = 'rinsed-off';
    /** Under twelve. */
    case Child = 'child';
    case Young = 'young';
    case Pregnancy = 'pregnancy';
    case Asthma = 'asthma';

    /** @return non-empty-list<self> ways it is used */
    public static function ways(): array
    {
        return [self::Scalp, self::RinsedOff];
    }

    /** @return non-empty-list<self> people for whom less is the most */
    public static function people(): array
    {
        return [self::Child, self::Young, self::Pregnancy, self::Asthma];
    }
}
