<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Drawings\StrandPortrait;
use App\Models\PlayedCase;
use App\Pages\Page;

/** A visit of a practice client: what is known, and what can be done. */
final readonly class PracticeVisitPage extends Page
{
    /**
     * @param string       $title what the client is called
     * @param int          $turn       visits that are over, 0 to 7
     * @param list<string> $complaints what the client says, in words
     * @param list<string> $told       what is told of the hair, in words
     * @param list<string> $budget     of time and money, in words
     * @param list<PracticeTestRow> $shown taken at this visit
     * @param list<PracticeTestRow> $tests that can still be taken
     * @param list<list<array{field: string, name: string, weight: int}>> $cells a row for each of moisture
     * @param array<string, array<string, array{name: string, ingredients: string}>> $shelf bottles for mask and protein
     * @param array<string, float> $adds   minutes that one thing more adds to a wash
     * @param array<string, float> $prices of one use, by treatment
     * @param string $currency ISO 4217
     * @param array{visit: int, home: int, money: float} $limits minutes, and currency units left
     * @param list<array{day: string, does: string}> $done what is on record, newest first
     * @param list<array{test: string, values: list<array{day: string, value: string}>}> $before earlier results
     * @param StoredPlayedHome $last what was asked for at home last
     * @param string|null  $porosity   what the hair is taken for; null: not told
     */
    public function __construct(
        public PlayedCase $played,
        public string $title,
        public int $turn,
        public int $turns,
        public StrandPortrait $portrait,
        public array $complaints,
        public array $told,
        public array $budget,
        public array $shown,
        public array $tests,
        public array $cells,
        public array $shelf,
        public array $adds,
        public array $prices,
        public string $currency,
        public array $limits,
        public array $done,
        public array $before,
        public ?string $porosity,
        public array $last,
    ) {
    }
}
