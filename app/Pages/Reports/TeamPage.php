<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Drawings\ReadersApart;
use App\Pages\Page;

/** How alike the stylists of a salon read. */
final readonly class TeamPage extends Page
{
    /**
     * @param list<string> $news  who scores clearly apart, or that nobody does; none while nothing can be said
     * @param list<string> $names
     * @param array<string, array<string, array{mean: float, sd: float, plain: bool}>> $biases of signs that somebody reads apart
     * @param int $alike signs that everybody reads alike, within chance
     * @param list<array{
     *     head: string, date: string, sign: string, one: string, other: string, values: array{float, float},
     * }> $pairs
     * @param array<string, array{sd: float, pairs: int}> $repeatability
     * @param array<string, string> $units by sign
     */
    public function __construct(
        public array $news,
        public ReadersApart $picture,
        public array $names,
        public array $biases,
        public int $alike,
        public array $pairs,
        public array $repeatability,
        public array $units,
        public ScatterPart $scatter,
    ) {
    }
}
