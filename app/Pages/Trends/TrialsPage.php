<?php

declare(strict_types=1);

namespace App\Pages\Trends;

use App\Bridge\Trials\TrialResult;
use App\Models\Head;
use App\Models\Programme;
use App\Pages\Page;

/**
 * What is tried out, and what the readings say of it.
 *
 * @phpstan-import-type TrialTold from TrialResult
 */
final readonly class TrialsPage extends Page
{
    /**
     * @param list<TrialTold> $trials
     * @param list<array{
     *     programme: Programme, kept: int, of: int, unit: string, left: int, told: TrialTold,
     * }> $programmes
     * @param array<string, string> $signs their names, by sign
     */
    public function __construct(
        public Head $head,
        public array $trials,
        public int $running,
        public array $programmes,
        public array $signs,
    ) {
    }
}
