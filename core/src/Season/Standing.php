<?php

declare(strict_types=1);

namespace Nagomi\Core\Season;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;

/** What the rules need to know on one possible wash day. Days are counted from today; the past is negative. */
final readonly class Standing
{
    /**
     * @param int|null $lastStrong   day of the last strong protein
     * @param int|null $lastClarify  day of the last clarifying or chelating cleanse
     * @param int|null $lastMask     day of the last mask
     * @param bool     $proteinLast  the wash day before had protein
     * @param int|null $nextWash     day of the next possible wash day; null where none follows
     * @param bool     $proteinHigh  some stratum is above its protein band with more than the barred probability
     */
    public function __construct(
        public Head $head,
        public int $day,
        public ?int $lastStrong = null,
        public ?int $lastClarify = null,
        public ?int $lastMask = null,
        public bool $proteinLast = false,
        public ?int $nextWash = null,
        public bool $proteinHigh = false,
    ) {
    }

    /**
     * @param list<WashDay>                $history earlier wash days
     * @param callable(WashDay): int       $dayOf   day of a wash day, counted from today
     */
    public static function after(Head $head, array $history, callable $dayOf): self
    {
        $last = ['strong' => null, 'clarify' => null, 'mask' => null];
        $lastWash = null;
        $protein = false;
        foreach ($history as $washDay) {
            $day = $dayOf($washDay);
            foreach (['strong' => $washDay->has(StepKind::StrongProtein), 'clarify' => $washDay->clarifies(), 'mask' => $washDay->has(StepKind::Mask)] as $what => $done) {
                if ($done) {
                    $last[$what] = max($last[$what] ?? $day, $day);
                }
            }
            if ($washDay->has(StepKind::Cleanse) && $day >= ($lastWash ?? $day)) {
                $lastWash = $day;
                $protein = $washDay->has(StepKind::MildProtein, StepKind::StrongProtein);
            }
        }

        return new self($head, $lastWash ?? 0, $last['strong'], $last['clarify'], $last['mask'], $protein);
    }

    /** The same head on its next wash day, after the given choice on this one. */
    public function next(Choice $choice, int $day, ?int $nextWash, bool $proteinHigh): self
    {
        return new self(
            $this->head,
            $day,
            $choice->protein === StepKind::StrongProtein ? $this->day : $this->lastStrong,
            $choice->cleanse->clarifies() ? $this->day : $this->lastClarify,
            $choice->masks() ? $this->day : $this->lastMask,
            $choice->protein !== null,
            $nextWash,
            $proteinHigh,
        );
    }

    /** The same history on another day. */
    public function on(int $day, ?int $nextWash, bool $proteinHigh): self
    {
        return new self($this->head, $day, $this->lastStrong, $this->lastClarify, $this->lastMask, $this->proteinLast, $nextWash, $proteinHigh);
    }
}
