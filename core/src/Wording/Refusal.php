<?php

declare(strict_types=1);

namespace Nagomi\Core\Wording;

use Throwable;

/** What is thrown where something cannot be taken: it says what to give instead. */
interface Refusal extends Throwable
{
    public function saying(): Message;
}
