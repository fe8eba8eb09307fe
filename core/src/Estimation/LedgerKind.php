<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

/** What a line of the ledger stands for. */
enum LedgerKind: string
{
    case Opening = 'opening';
    case Time = 'time';
    case Step = 'step';
    case Reading = 'reading';
    case Limit = 'limit';
    case Remap = 'remap';
    case Untold = 'untold';
}
