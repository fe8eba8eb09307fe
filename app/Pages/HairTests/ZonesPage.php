<?php

declare(strict_types=1);

namespace App\Pages\HairTests;

use App\Drawings\HeadMap;
use App\Models\Head;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Nagomi\Core\Readings\Test;

/** One measure all over the head. */
final readonly class ZonesPage extends Page
{
    /**
     * @param list<string>                                     $tests
     * @param array<string, array{value: float, date: string}> $last
     * @param array<string, string>                            $units
     * @param array<string, array{size: float, zero: float}>   $unitFactors
     * @param array{}                                          $values
     */
    public function __construct(
        public Head $head,
        public string $moment,
        public array $tests,
        public Test $test,
        public string $name,
        public bool $scalp,
        public string $unit,
        public HeadMap $map,
        public array $last,
        public string $visit,
        public CarbonImmutable $today,
        public array $units,
        public array $unitFactors,
        public array $values,
        public ?int $daysSinceDetangled,
    ) {
    }
}
