<?php

declare(strict_types=1);

namespace Nagomi\Core\Learning;

/** One result of a hair test beside what was foretold of it before it was taken. */
final readonly class ForetoldResult
{
    /**
     * @param string                $head results of one hang together
     * @param float                 $sds  how far above its expectation, in standard deviations of what was foretold
     * @param array<string, string> $of   which it is, by {@see ResultsBy}; what is not known is left out
     */
    public function __construct(public string $head, public float $sds, public array $of)
    {
    }
}
