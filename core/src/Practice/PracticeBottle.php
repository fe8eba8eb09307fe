<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** One bottle of the practice shelf: what it is called says less than what is in it. */
final readonly class PracticeBottle
{
    /**
     * @param string       $name        by which it is found, and said
     * @param list<string> $steps       kinds of step it is used for
     * @param string       $ingredients as they stand on the label
     */
    public function __construct(public string $name, public array $steps, public string $ingredients)
    {
    }
}
