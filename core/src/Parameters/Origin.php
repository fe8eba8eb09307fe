<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** Where a value of the model comes from. */
enum Origin: string
{
    /** A named publication; the parameter's source says which. */
    case Published = 'published';

    /** Common practice of the trade, no source. */
    case CommonPractice = 'common practice';

    /** Our own starting value, to be replaced where measuring shows better. */
    case Chosen = 'chosen';
}
