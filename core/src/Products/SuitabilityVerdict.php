<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** Whether a product is for a head. */
enum SuitabilityVerdict: string
{
    case Good = 'good';
    case WithCare = 'with-care';
    case No = 'no';
}
