<?php

declare(strict_types=1);

namespace App\Pages\HairTests;

use App\Models\Head;
use App\Models\Visit;
use App\Pages\Page;
use Carbon\CarbonImmutable;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\Unit;
use Nagomi\Core\Safety\Caution;

/** The tests of a moment: those worth taking first, and what was typed already. */
final readonly class HairTestsPage extends Page
{
    /**
     * @param array<string, string> $units chosen, by kind
     * @param array<string, array{size: float, zero: float}> $unitFactors by sign
     * @param list<Unit> $unitChoices one of the book for each kind
     * @param array<string, Test> $tests by name
     * @param array<string, array{
     *     minutes: float, before: float, after: float, why: list<string>, followed: bool,
     * }|null> $worth by name of the test, in their order
     * @param array<string, Test> $more the other tests of the moment
     * @param array{fields: array<string, string>, at: string}|null $draft
     * @param array<string, string> $skippedLast why, by name of the test
     * @param array<array-key, mixed> $values of a visit that is corrected, by name of the field
     * @param array<array-key, array<string, Test>> $zoned tests of a corrected visit, by zone
     * @param list<Caution> $cautions
     */
    public function __construct(
        public Head $head,
        public array $units,
        public array $unitFactors,
        public array $unitChoices,
        public ?int $daysSinceDetangled,
        public CarbonImmutable $date,
        public string $moment,
        public array $tests,
        public array $worth,
        public array $more,
        public string $visit,
        public ?Visit $correcting,
        public ?array $draft,
        public array $skippedLast,
        public array $values,
        public array $zoned,
        public array $cautions,
    ) {
    }
}
