<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use Nagomi\Core\Readings\MeasuredSign;

/** One hair test of a practice visit: not taken, or what it shows. */
final readonly class PracticeTestRow
{
    /** @param list<MeasuredSign>|null $shows null: it is not taken yet */
    public function __construct(public string $test, public float $minutes, public bool $fits, public ?array $shows)
    {
    }
}
