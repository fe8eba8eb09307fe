<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** What is known of how a salon's numbers are learned from its records. */
final readonly class LearningParameters
{
    /** @var array<string, float> what the search finds where everything is as shipped, as so many times it, by factor */
    public array $leans;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->leans = $table->numbers('learning.leans');
    }
}
