<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/**
 * Where on a label an ingredient stands: in the order by weight, among the actives of a drug label, or under "may
 * contain".
 */
enum ListPart: string
{
    case Ordered = 'ordered';
    case Active = 'active';
    case MayContain = 'may-contain';
}
