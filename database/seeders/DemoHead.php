<?php

declare(strict_types=1);

namespace Database\Seeders;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Simulation\Habits;

/** One invented client of the demo: the hair, what was done so far, what is written down. */
final readonly class DemoHead
{
    /**
     * @param array<string, mixed> $intake
     * @param string|null          $trainee a colleague who reads some of the visits once more
     * @param int                  $months  how long they have been coming; 0: they come for the first time
     */
    public function __construct(
        public string $name,
        public Head $head,
        public Habits $habits,
        public array $intake,
        public int $seed,
        public string $stylist = 'Ilse Varga-Moen',
        public ?string $trainee = null,
        public int $months = DemoLife::MONTHS,
    ) {
    }
}
