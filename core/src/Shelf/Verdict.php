<?php

declare(strict_types=1);

namespace Nagomi\Core\Shelf;

/** Whether a product is for a head. */
enum Verdict: string
{
    case Good = 'good';
    case WithCare = 'with-care';
    case No = 'no';
}
