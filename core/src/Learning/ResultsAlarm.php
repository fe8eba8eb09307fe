<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

/** Where results do not come as foretold, and how. */
final readonly class ResultsAlarm
{
    /** @param string $which of them: a test, a stylist, a porosity, a while since the last test */
    public function __construct(public ResultsBy $by, public string $which, public ResultsGroup $group)
    {
    }
}
