<?php

declare(strict_types=1);

namespace Nagomi\Core\Safety;

/** Signs that bar treatments until a named person has cleared them: one for a clinician, and a sore scalp. */
enum BarringSign: string
{
    case Red = 'red';
    case Sore = 'sore';
}
