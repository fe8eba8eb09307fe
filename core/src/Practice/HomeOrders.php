<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use InvalidArgumentException;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** What a client is told to do at home until the next visit: how often to wash, and what at which of the washes. */
final readonly class HomeOrders
{
    /**
     * @param int         $everyDays     days between two washes, counted from the visit, 2 to 28
     * @param CleanseKind $cleanse       at each wash that does not clarify
     * @param int         $maskEvery     the mask at each so-manieth wash; 0: none
     * @param float       $maskMinutes   0.5 to 720
     * @param int         $proteinEvery  mild protein at each so-manieth wash; 0: none
     * @param int         $clarifyEvery  clarified at each so-manieth wash; 0: never
     * @param bool        $preWash       oil before each wash
     *
     * @throws InvalidArgumentException for days or washes outside their range
     */
    public function __construct(
        public int $everyDays,
        public CleanseKind $cleanse = CleanseKind::Gentle,
        public int $maskEvery = 0,
        public float $maskMinutes = 15.0,
        public int $proteinEvery = 0,
        public int $clarifyEvery = 0,
        public bool $preWash = false,
    ) {
        if ($everyDays < 2 || $everyDays > PracticeCase::DAYS_A_TURN) {
            throw new InvalidArgumentException('Days between washes: give 2 to 28.');
        }
        if (min($maskEvery, $proteinEvery, $clarifyEvery) < 0) {
            throw new InvalidArgumentException('At each so-manieth wash: give 0 or more.');
        }
    }

    /** @return array<int, WashOption> by days after the visit */
    public function days(Head $head): array
    {
        $days = [];
        for ($after = $this->everyDays, $wash = 1; $after < PracticeCase::DAYS_A_TURN; $wash++) {
            $days[$after] = $this->wash($wash, $head);
            $after += $this->everyDays;
        }

        return $days;
    }

    private function wash(int $wash, Head $head): WashOption
    {
        $isDue = static fn (int $every): bool => $every > 0 && $wash % $every === 0;
        $masks = $isDue($this->maskEvery);

        return new WashOption(
            $isDue($this->clarifyEvery) ? CleanseKind::Clarifying : $this->cleanse,
            1,
            $masks ? StepKind::Mask : StepKind::Conditioner,
            $masks ? $this->maskMinutes : $head->parameters->washDay->stepMinutes['conditioner'],
            protein: $isDue($this->proteinEvery) ? StepKind::MildProtein : null,
            preWash: $this->preWash ? 'oil' : null,
        );
    }
}
