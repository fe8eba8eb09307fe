<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use InvalidArgumentException;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\BottlesInUse;

/** What somebody decides once the hair was read: what to think, what to do today, and what is to be done at home. */
final readonly class PracticeDecision
{
    /** What rounding leaves over. */
    private const NEXT_TO_NOTHING = 1e-6;

    /**
     * @param array<string, float>   $belief how likely each cell is thought, by cell value; sums to 1
     * @param WashOption|null        $today  null: nothing is done
     * @param array<int, WashOption> $home   by days after the visit, 1 to 27
     * @param BottlesInUse           $bottles     what is used today; of what it does not have, what is usual
     * @param BottlesInUse           $homeBottles what is used at home
     * @param Porosity|null          $porosity what the hair is taken for from now on; null: as before
     *
     * @throws InvalidArgumentException for a belief that is none, or a day at home outside 1 to 27
     */
    public function __construct(
        public array $belief,
        public ?WashOption $today,
        public array $home,
        public ?Porosity $porosity = null,
        public BottlesInUse $bottles = new BottlesInUse(),
        public BottlesInUse $homeBottles = new BottlesInUse(),
    ) {
        foreach ($belief as $cell => $probability) {
            if (BalanceCell::tryFrom($cell) === null || is_nan($probability) || $probability < 0.0) {
                throw new InvalidArgumentException("Belief in {$cell}: give a cell, and 0 or more.");
            }
        }
        if (abs(array_sum($belief) - 1.0) > self::NEXT_TO_NOTHING) {
            throw new InvalidArgumentException('A belief sums to 1 over its cells.');
        }
        foreach (array_keys($home) as $after) {
            if ($after < 1 || $after >= PracticeCase::DAYS_A_TURN) {
                throw new InvalidArgumentException('Days at home: give 1 to 27 after the visit.');
            }
        }
    }

    /** Whether the same is done. */
    public function isSame(self $other): bool
    {
        return self::names($this) === self::names($other);
    }

    /** @return array<int, string> what is done, by days after the visit */
    private static function names(self $of): array
    {
        $names = array_map(static fn (WashOption $choice): string => $choice->name(), $of->home);
        $names += $of->today === null ? [] : [0 => $of->today->name()];
        ksort($names);

        return $names;
    }
}
