<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use InvalidArgumentException;

/**
 * One step of a wash day as the network of its times sees it: how long hands are on it, how long it goes on by itself,
 * what it waits for.
 */
final readonly class PathTask
{
    /**
     * @param list<string> $after          keys of the tasks that must be done before
     * @param float        $handsOnMinutes 0 or more
     * @param float        $waitingMinutes 0 or more; hands are free
     *
     * @throws InvalidArgumentException for minutes below 0
     */
    public function __construct(
        public string $key,
        public float $handsOnMinutes,
        public float $waitingMinutes = 0.0,
        public array $after = [],
    ) {
        if (! ($handsOnMinutes >= 0) || ! ($waitingMinutes >= 0) || ! is_finite($handsOnMinutes + $waitingMinutes)) {
            throw new InvalidArgumentException("{$key}: give 0 minutes or more.");
        }
    }

    public function minutes(): float
    {
        return $this->handsOnMinutes + $this->waitingMinutes;
    }
}
