<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Planning\WashOption;

/** What somebody decides once the hair was read: what to think, what to do today, and what is to be done at home. */
final readonly class PracticeDecision
{
    /**
     * @param array<string, float>   $belief how likely each cell is thought, by cell value; sums to 1
     * @param WashOption|null        $today  null: nothing is done
     * @param array<int, WashOption> $home   by days after the visit, 1 to 27
     * @param Porosity|null          $porosity what the hair is taken for from now on; null: as before
     */
    public function __construct(
        public array $belief,
        public ?WashOption $today,
        public array $home,
        public ?Porosity $porosity = null,
    ) {
    }
}
