<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Head\Head;

/** What a step needs to know of the day it belongs to. */
final readonly class TreatmentContext
{
    public function __construct(
        public Head $head,
        public bool $preWashed = false,
    ) {
    }
}
