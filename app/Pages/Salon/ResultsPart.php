<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Drawings\ResultTenths;

/** Whether a salon's hair tests come out as they were foretold. */
final readonly class ResultsPart
{
    /**
     * @param string            $all     how many came within their range, in words; that there are none
     * @param string            $verdict that nothing needs looking into, or cannot be told; '' where something does
     * @param list<string>      $says    what stands out, the likeliest culprit first
     * @param list<string>      $notes   what comes closer than it should, which harms nobody
     * @param string            $plans   what plans foretold beside what came, in words; '' where none is old enough
     * @param ResultTenths|null $picture null: there are no results
     * @param list<array{name: string, rows: list<array{name: string, results: int, held: int, above: int}>}> $tables
     */
    public function __construct(
        public string $all,
        public string $verdict,
        public array $says,
        public array $notes,
        public string $plans,
        public ?ResultTenths $picture,
        public array $tables,
    ) {
    }
}
