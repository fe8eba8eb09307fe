<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use Nagomi\Core\Planning\ReasonWording;

/** What is no reason of a wash day where the verdict stands above it, and says itself that nothing was tested. */
final class UnderVerdict
{
    /** @return string key of the reason */
    public static function said(): string
    {
        return ReasonWording::notReadYet()->key;
    }
}
