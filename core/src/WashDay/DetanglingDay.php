<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** What one detangling depends on beside the hair itself: tool, slip, pre-wash, the days before it, take-down. */
final readonly class DetanglingDay
{
    /** Comb through wet hair with slip, at the client's own rhythm: what minutes a section are told for. */
    private const USUAL_TOOL = 'comb';
    private const USUAL_STATE = 'wet-with-slip';

    /** A gap is told apart from the usual one within these bounds, as times. */
    private const GAPS = [0.2, 5.0];

    /**
     * @param string $tool        fingers, comb or brush
     * @param string $state       wet-with-slip, wet-without, dry-with-oil or dry-without
     * @param float  $gapTimes    days since the last detangling over the client's usual days between, over 0
     * @param bool   $isTakenDown a style that held it comes down on the same day
     */
    public function __construct(
        public string $tool = self::USUAL_TOOL,
        public string $state = self::USUAL_STATE,
        public bool $isPreWashed = false,
        public float $gapTimes = 1.0,
        public bool $isTakenDown = false,
    ) {
    }

    /**
     * @param list<Step> $steps of one day
     *
     * @return self|null null where nothing is detangled
     */
    public static function of(array $steps, float $gapTimes = 1.0, bool $isTakenDown = false): ?self
    {
        $longest = null;
        $isPreWashed = false;
        foreach ($steps as $step) {
            $isPreWashed = $isPreWashed || $step->kind === StepKind::PreWash;
            if ($step->kind === StepKind::Detangle) {
                $longest = $longest === null || ($step->minutes ?? 0.0) > ($longest->minutes ?? 0.0) ? $step : $longest;
            }
        }

        return $longest === null ? null : new self(
            $longest->tool ?? self::USUAL_TOOL,
            $longest->how ?? self::USUAL_STATE,
            $isPreWashed,
            $gapTimes,
            $isTakenDown,
        );
    }

    /** @param int|null $daysSince days since the last detangling; null: none is known, or it was not before this day */
    public static function gapTimes(Head $head, ?int $daysSince): float
    {
        return $daysSince === null || $daysSince <= 0 ? 1.0 : $daysSince / max(1, $head->washEveryDays);
    }

    /** The same day by another tool, in another state. */
    public function by(string $tool, string $state): self
    {
        return new self($tool, $state, $this->isPreWashed, $this->gapTimes, $this->isTakenDown);
    }

    public function preWashed(bool $isPreWashed): self
    {
        return new self($this->tool, $this->state, $isPreWashed, $this->gapTimes, $this->isTakenDown);
    }

    /** @return array<string, float> what is unlike the usual day, by the names of `wash-day.detangling-times` */
    public function unusual(): array
    {
        return array_filter([
            $this->tool => (float) ($this->tool !== self::USUAL_TOOL),
            $this->state => (float) ($this->state !== self::USUAL_STATE),
            'pre-wash' => (float) $this->isPreWashed,
            'twice-the-days' => log(max(self::GAPS[0], min(self::GAPS[1], $this->gapTimes)), 2),
            'take-down' => (float) $this->isTakenDown,
        ], static fn (float $of): bool => $of !== 0.0);
    }
}
