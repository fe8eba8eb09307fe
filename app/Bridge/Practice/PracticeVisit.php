<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Readings\Reading;

/** What whoever plays a practice case knows at a visit, and nothing of what is hidden. */
final readonly class PracticeVisit
{
    /**
     * @param int           $turn        visits that are over, 0 to 7
     * @param int           $turns       of the whole case
     * @param Head          $told        what the hair is taken for
     * @param array{float, float, float, float} $looks what the eye makes of it: moisture and protein beside what it
     *     likes, build-up, wear
     * @param list<string>  $complaints  by value
     * @param array<string, list<PracticeResult>> $taken at this visit, by test
     * @param list<Reading> $before      at earlier ones
     * @param list<array{date: DateTimeImmutable, steps: list<array<string, mixed>>}> $washDays as they are on record
     * @param array<string, float> $testMinutes by test
     * @param array{tests: float, testsLeft: float, visit: int, home: int, money: float, moneyLeft: float} $budget
     *     minutes and currency units
     * @param array<string, float> $adds minutes that one thing more adds to a wash: plain, pass, pre-wash, mild-protein,
     *     strong-protein, scalp-care; a mask adds its own beside the rinse-out
     * @param array<string, float> $prices of one use in currency units, by treatment
     */
    public function __construct(
        public int $turn,
        public int $turns,
        public DateTimeImmutable $date,
        public Head $told,
        public float $ringMm,
        public array $looks,
        public array $complaints,
        public array $taken,
        public array $before,
        public array $washDays,
        public array $testMinutes,
        public array $budget,
        public array $adds,
        public array $prices,
    ) {
    }
}
