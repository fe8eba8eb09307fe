<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use Nagomi\Core\Readings\MeasuredSign;

/** A sign that a hair test of a practice case showed, and the range it would have in balance. */
final readonly class PracticeResult
{
    /** @param array{float, float}|null $balance in the sign's unit; null: the sign says nothing of the balance */
    public function __construct(public MeasuredSign $measured, public ?array $balance)
    {
    }
}
