<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/** Plays practice cases by a rule of its own, to stand beside whoever learns. */
interface PracticePlayer
{
    /** @return list<string> tests it takes at this visit */
    public function tests(PracticeLife $life): array;

    /** @param PracticeLife $life with the tests it asked for on record */
    public function decides(PracticeLife $life): PracticeDecision;
}
