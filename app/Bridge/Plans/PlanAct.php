<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

/**
 * One thing done to an item of a season: moved, swapped, its mask made longer or shorter, a treatment left out, made
 * milder or stronger, or done on another wash day. What it touches becomes set by hand.
 */
final readonly class PlanAct
{
    public const KINDS = ['move', 'swap', 'mask', 'leave-out', 'carry', 'strength'];

    /**
     * @param array<string, mixed> $season as it is to be, in the shape of the care record
     * @param string               $says   what was done, in words
     */
    public function __construct(public array $season, public string $says)
    {
    }
}
