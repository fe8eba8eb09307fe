<?php

declare(strict_types=1);

namespace Database\Seeders;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Simulation\Habits;

/** One invented client of the demo: what she is like, what she did so far, what is written down of her. */
final readonly class DemoHead
{
    /**
     * @param array<string, mixed> $intake
     * @param string|null          $trainee a colleague who reads some of her visits once more
     */
    public function __construct(
        public string $name,
        public Head $head,
        public Habits $habits,
        public array $intake,
        public int $seed,
        public string $stylist = 'Ilse Varga-Moen',
        public ?string $trainee = null,
    ) {
    }
}
