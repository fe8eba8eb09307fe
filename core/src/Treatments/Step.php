<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** One step of a wash day: what was done, for how long, with heat or without. */
final readonly class Step
{
    public const LEAST_MINUTES = 0.5;
    public const MOST_MINUTES = 720.0;
    public const MOST_PASSES = 3;

    /**
     * @param float|null  $minutes     contact time in minutes, 0.5 to 720
     * @param int         $passes      passes of a cleanse, 1 to 3
     * @param string|null $how         pre-wash: oil, conditioner or mix; detangling: see Model::DETANGLING_STATE_WEAR;
     * heat tool: medium or high; swim: pool or sea; up-style (braids, twists, a bun): loose or tight
     * @param string|null $tool        detangling: fingers, comb or brush
     * @param bool        $eveningBefore pre-wash: put on the evening before the wash day
     * @param BottleContents|null $contents what its bottle holds; null: not known, so as usual
     * @param float|null  $millimetres trim: length cut, 0 to 1000 mm
     *
     * @throws RefusedInput where a value is missing or outside its range
     */
    public function __construct(
        public StepKind $kind,
        public ?float $minutes = null,
        public bool $heat = false,
        public ?CleanseKind $cleanse = null,
        public int $passes = 1,
        public ?string $how = null,
        public ?string $tool = null,
        public ?float $millimetres = null,
        public ?string $product = null,
        public bool $eveningBefore = false,
        public ?BottleContents $contents = null,
    ) {
        $this->checkMinutesAndPasses();
        $this->checkHow();
        $this->checkToolAndCut();
        $this->checkEvening();
    }

    /** @throws RefusedInput */
    private function checkMinutesAndPasses(): void
    {
        [$kind, $minutes] = [$this->kind, $this->minutes];
        if ($minutes === null && $kind->needsMinutes()) {
            throw new RefusedInput(Message::of(
                'refusals.step.how-long',
                kind: $kind->value,
                least: new Figure(self::LEAST_MINUTES),
                most: new Figure(self::MOST_MINUTES),
            ));
        }
        if (
            $minutes !== null && (is_nan($minutes) || $minutes < self::LEAST_MINUTES || $minutes > self::MOST_MINUTES)
        ) {
            throw new RefusedInput(Message::of(
                'refusals.step.minutes',
                least: new Figure(self::LEAST_MINUTES),
                most: new Figure(self::MOST_MINUTES),
            ));
        }
        if ($this->passes < 1 || $this->passes > self::MOST_PASSES) {
            throw new RefusedInput(Message::of('refusals.step.passes', most: self::MOST_PASSES));
        }
        if (($this->cleanse !== null) !== ($kind === StepKind::Cleanse)) {
            throw new RefusedInput(Message::of('refusals.step.cleanse'));
        }
    }

    /** @throws RefusedInput */
    private function checkEvening(): void
    {
        if ($this->eveningBefore && $this->kind !== StepKind::PreWash) {
            throw new RefusedInput(Message::of('refusals.step.evening'));
        }
    }

    /** @throws RefusedInput */
    private function checkHow(): void
    {
        $hows = match ($this->kind) {
            StepKind::PreWash => ['oil', 'conditioner', 'mix'],
            StepKind::Detangle => ['wet-with-slip', 'wet-without', 'dry-with-oil', 'dry-without'],
            StepKind::HeatTool => ['medium', 'high'],
            StepKind::Swim => ['pool', 'sea'],
            StepKind::UpStyle => ['loose', 'tight'],
            default => [],
        };
        if ($hows !== [] ? ! in_array($this->how, $hows, true) : $this->how !== null) {
            throw new RefusedInput($hows === []
                ? Message::of('refusals.step.no-how', kind: $this->kind->value)
                : Message::of('refusals.step.how', choices: $hows));
        }
    }

    /** @throws RefusedInput */
    private function checkToolAndCut(): void
    {
        [$kind, $tool, $millimetres] = [$this->kind, $this->tool, $this->millimetres];
        if ($kind === StepKind::Detangle ? ! in_array($tool, ['fingers', 'comb', 'brush'], true) : $tool !== null) {
            throw new RefusedInput(Message::of('refusals.step.tool'));
        }
        if (
            $kind === StepKind::Trim
                ? $millimetres === null || is_nan($millimetres) || $millimetres < 0.5 || $millimetres > 1000
                : $millimetres !== null
        ) {
            throw new RefusedInput(Message::of('refusals.step.millimetres'));
        }
    }

    /** The same step, done with a bottle of which is known what it holds; null: it is not. */
    public function with(?BottleContents $contents): self
    {
        return $this->done($this->minutes, $this->product, $contents);
    }

    /** The same step, done with a bottle of this name; null: none was named. */
    public function from(?string $product): self
    {
        return $this->done($this->minutes, $product, $this->contents);
    }

    /**
     * The same step in so many minutes.
     *
     * @throws RefusedInput for minutes outside 0.5 to 720
     */
    public function lasting(float $minutes): self
    {
        return $this->done($minutes, $this->product, $this->contents);
    }

    private function done(?float $minutes, ?string $product, ?BottleContents $contents): self
    {
        return new self(
            $this->kind,
            $minutes,
            $this->heat,
            $this->cleanse,
            $this->passes,
            $this->how,
            $this->tool,
            $this->millimetres,
            $product,
            $this->eveningBefore,
            $contents,
        );
    }

    public static function preWash(string $with, float $minutes, bool $eveningBefore = false): self
    {
        return new self(StepKind::PreWash, $minutes, how: $with, eveningBefore: $eveningBefore);
    }

    /** @param float|null $minutes that it sits before it is rinsed, scalp care above all */
    public static function cleanse(CleanseKind $kind, int $passes = 1, ?float $minutes = null): self
    {
        return new self(StepKind::Cleanse, $minutes, cleanse: $kind, passes: $passes);
    }

    public static function scalpOil(): self
    {
        return new self(StepKind::ScalpOil);
    }

    public static function mildProtein(float $minutes): self
    {
        return new self(StepKind::MildProtein, $minutes);
    }

    public static function strongProtein(float $minutes): self
    {
        return new self(StepKind::StrongProtein, $minutes);
    }

    public static function conditioner(float $minutes): self
    {
        return new self(StepKind::Conditioner, $minutes);
    }

    public static function mask(float $minutes, bool $heat = false): self
    {
        return new self(StepKind::Mask, $minutes, $heat);
    }

    public static function leaveIn(): self
    {
        return new self(StepKind::LeaveIn);
    }

    public static function seal(): self
    {
        return new self(StepKind::Seal);
    }

    public static function detangle(float $minutes, string $tool, string $state): self
    {
        return new self(StepKind::Detangle, $minutes, how: $state, tool: $tool);
    }
}
