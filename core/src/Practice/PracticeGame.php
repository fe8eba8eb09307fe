<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** A practice case played, to its end or as far as it was. */
final class PracticeGame
{
    public static function played(PracticeCase $case, PracticePlayer $player): PracticeLife
    {
        for ($life = PracticeLife::begun($case); ! $life->isOver();) {
            $life = $life->read($life->inTime($player->tests($life)));
            $life = $life->decided($life->affordable($player->decides($life)));
        }

        return $life;
    }

    /** @param list<PracticeTurn> $turns as they were played; the last may still be open */
    public static function replayed(PracticeCase $case, array $turns): PracticeLife
    {
        $life = PracticeLife::begun($case);
        foreach ($turns as $turn) {
            $life = $life->read($turn->tests);
            $life = $turn->decision === null ? $life : $life->decided($turn->decision);
        }

        return $life;
    }

    /**
     * The same case once more, with the same luck and one decision left to another player, who knows what was known
     * then. What can no longer be paid for after it is done as near to it as can be.
     *
     * @param list<PracticeTurn> $turns   as they were played
     * @param int                $changed the visit that is decided otherwise, 0 to 7
     */
    public static function otherwise(
        PracticeCase $case,
        array $turns,
        int $changed,
        PracticePlayer $player,
    ): PracticeLife {
        $life = PracticeLife::begun($case);
        foreach ($turns as $place => $turn) {
            $life = $life->read($turn->tests);
            $decision = $place === $changed ? $player->decides($life) : $turn->decision;
            $life = $decision === null ? $life : $life->decided($life->affordable($decision));
        }

        return $life;
    }
}
