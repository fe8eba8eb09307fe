<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** A practice case played to its end. */
final class PracticeGame
{
    public static function played(PracticeCase $case, PracticePlayer $player): PracticeLife
    {
        for ($life = PracticeLife::begun($case); ! $life->isOver();) {
            $life = $life->read($player->tests($life));
            $life = $life->decided($player->decides($life));
        }

        return $life;
    }
}
