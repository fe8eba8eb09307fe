<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use Illuminate\Contracts\Events\ShouldDispatchAfterCommit;

/** A season was planned anew and is kept: what hangs on it can follow. */
final readonly class SeasonPlanned implements ShouldDispatchAfterCommit
{
    public function __construct(public string $headId)
    {
    }
}
