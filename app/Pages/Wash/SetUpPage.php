<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Drawings\WashDayLine;
use App\Models\Head;
use App\Models\WashSession;
use App\Pages\Page;

/** The next wash day laid out. */
final readonly class SetUpPage extends Page
{
    /**
     * @param array<string, mixed> $plan
     * @param array{
     *     lines: list<array{what: string, says: string}>, best: int, others: int,
     *     like: array{says: string, drying: string, styling: string, session: string|null}|null,
     * }|null $memory what went with the best wash days; null where too few have a result
     * @param string $day   the planned one, in words; '' where none is planned
     * @param int    $cents of all products, by the price of each bottle
     * @param string $money the same, as it is paid
     * @param list<array{date: string, expected: float, actual: float, within: bool}> $foretold
     */
    public function __construct(
        public Head $head,
        public array $plan,
        public string $day,
        public WashDayLine $line,
        public int $cents,
        public string $money,
        public string $drying,
        public string $styling,
        public ?array $memory,
        public array $foretold,
        public ?WashSession $running,
        public bool $isLeftOpen,
        public ?WashSession $draft,
    ) {
    }
}
