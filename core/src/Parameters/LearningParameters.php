<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** What is known of how a salon's numbers are learned from its records. */
final readonly class LearningParameters
{
    /** @var array<string, float> what the search finds where everything is as shipped, as so many times it, by factor */
    public array $leans;

    /** probability that chance alone stays below, before it is said that results come otherwise than foretold */
    public float $surely;

    /** standard deviations of what is foretold, from which a shift of results is worth saying */
    public float $worthShift;

    /** share of results within their range, apart from .8, from which it is worth saying */
    public float $worthShare;

    /** results below which nothing is said */
    public int $fewestResults;

    /** clients below which nothing is said */
    public int $fewestClients;

    /** probability that chance alone stays below, before it is said that more or less came than plans foretold */
    public float $plansSurely;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->leans = $table->numbers('learning.leans');
        $this->surely = $table->number('learning.surely');
        $this->worthShift = $table->number('learning.worth-shift');
        $this->worthShare = $table->number('learning.worth-share');
        $this->fewestResults = $table->whole('learning.fewest-results');
        $this->fewestClients = $table->whole('learning.fewest-clients');
        $this->plansSurely = $table->number('learning.plans-surely');
    }
}
