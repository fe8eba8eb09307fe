<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatment;

use Nagomi\Core\Head\Head;

/** What a step needs to know of the day it belongs to. */
final readonly class DayContext
{
    public function __construct(
        public Head $head,
        public bool $preWashed = false,
    ) {
    }
}
