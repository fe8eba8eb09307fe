<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use Nagomi\Core\Practice\PracticeReadings;

/** Hair tests that say something of a practice case, in the order they are usually taken. */
final class PracticeTests
{
    /** @return list<string> */
    public static function names(): array
    {
        return [...PracticeReadings::TESTS, 'scalp'];
    }
}
