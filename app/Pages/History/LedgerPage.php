<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Models\Head;
use App\Models\Outlook;
use App\Pages\Page;
use Carbon\CarbonImmutable;

/**
 * The balance book of one stratum over some weeks: opening, lines, closing.
 *
 * @phpstan-type LedgerRow array{
 *     date: CarbonImmutable, kind: string, says: string, amounts: array<string, int>, exact: array<string, int>,
 * }
 */
final readonly class LedgerPage extends Page
{
    /**
     * @param CarbonImmutable    $opensOn day in the evening of which the book opens: the last on which something happened
     * @param array<string, int> $opening
     * @param list<LedgerRow>            $lines
     * @param array<string, int> $rounding
     * @param array<string, int> $closing
     * @param array<string, int> $closingExact
     * @param array<string, array{float, float}>|null $lookedBack where later readings put it that same evening
     * @param list<int> $spans    how many weeks back can be chosen
     * @param float $bandHalfWidth comfortable so far from the target on either side, in points
     * @param float $buildUpLimit  comfortable below it, in points
     */
    public function __construct(
        public Head $head,
        public Outlook $outlook,
        public int $stratum,
        public int $weeks,
        public CarbonImmutable $opensOn,
        public array $opening,
        public array $lines,
        public array $rounding,
        public array $closing,
        public array $closingExact,
        public ?array $lookedBack,
        public array $spans,
        public LedgerStairs $stairs,
        public float $bandHalfWidth,
        public float $buildUpLimit,
    ) {
    }
}
