<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/** New growth and the older length of one zone can need different care. */
enum Part: string
{
    case Root = 'root';
    case Length = 'length';
}
