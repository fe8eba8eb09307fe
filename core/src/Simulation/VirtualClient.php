<?php

declare(strict_types=1);

namespace Nagomi\Core\Simulation;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** A client drawn at random: head, water and air, what is usual, and how well it is written down. */
final readonly class VirtualClient
{
    private const VISIT_EVERY_DAYS = 14.0;
    private const VISIT_SD_DAYS = 5.0;
    private const VISIT_MISSED = 0.10;
    private const HOME_STEP_UNRECORDED = 0.08;
    private const HOME_STEP_MISTAKEN = 0.05;
    private const SWIMS_A_DAY = 0.15;

    /**
     * @param array<string, float> $air a weather station's daily humidity in %, by day of the year
     */
    private function __construct(
        public Head $head,
        public VirtualHead $virtual,
        public SeededRandom $chance,
        private int $maskEvery,
        private int $strongEvery,
        private int $clarifyEvery,
        private CleanseKind $cleanse,
        public array $air,
        private ?string $swimsIn,
        private bool $tellsAll,
        private WorldRules $rules,
    ) {
    }

    /** @param bool $tellsAll writes down every step at home as it was, to see what forgetting costs */
    public static function draw(int $seed, bool $tellsAll = false, World $world = World::Shipped): self
    {
        $chance = new SeededRandom($seed);
        $head = new Head(
            self::parts($chance),
            hardnessMgPerL: (float) $chance->between(0, 350),
            humidityPercent: (float) $chance->between(30, 75),
            load: StylingLoad::cases()[$chance->between(0, 2)],
            lengthMm: (float) $chance->between(150, 500),
            sections: $chance->between(3, 6),
            washEveryDays: $chance->between(5, 9),
            method: new Method([
                'mask-heat' => $chance->happens(0.5) ? 'cap-or-hood' : 'body-heat',
                'oils' => $chance->happens(0.5) ? 'seal' : 'none',
                'pre-wash' => $chance->happens(0.5) ? 'oil' : 'none',
            ]),
        );
        $air = VirtualWeather::year($chance);
        $swimsIn = [null, null, null, null, null, null, 'pool', 'sea'][$chance->between(0, 7)];
        $virtual = new VirtualHead(
            $head,
            $chance,
            $chance->normal(55, 10),
            $chance->normal(56, 9),
            (float) $chance->between(5, 35),
            (float) $chance->between(0, 30),
            $world,
        );

        return new self(
            $head,
            $virtual,
            $chance,
            $chance->between(1, 3),
            $chance->between(4, 9),
            $chance->between(3, 8),
            [CleanseKind::Gentle, CleanseKind::Shampoo, CleanseKind::CoWash][$chance->between(0, 2)],
            $air,
            $swimsIn,
            $tellsAll,
            $world->rules(),
        );
    }

    /** @return list<ZonePart> one porosity all over, or another at the back */
    private static function parts(SeededRandom $chance): array
    {
        $porosities = Porosity::cases();
        $main = $porosities[$chance->between(0, 2)];
        $other = $chance->happens(0.5) ? $porosities[$chance->between(0, 2)] : $main;
        $strand = StrandDiameter::cases()[$chance->between(0, 2)];

        return array_map(
            static fn (Zone $zone): ZonePart => new ZonePart(
                $zone,
                Part::Length,
                in_array($zone, [Zone::Crown, Zone::Centre, Zone::Nape], true) ? $other : $main,
                $strand,
            ),
            Zone::cases(),
        );
    }

    /** What the air around holds on a day: the usual, and the swing of the weather about it; in %. */
    public function humidityOn(DateTimeImmutable $day): float
    {
        $mean = array_sum($this->air) / count($this->air);

        return max(3.0, min(99.0, $this->head->humidityPercent + ($this->air[$day->format('m-d')] ?? $mean) - $mean));
    }

    /**
     * A swim now and then, where there is any at all.
     *
     * @return list<Step>
     */
    public function swim(): array
    {
        return $this->swimsIn !== null && $this->chance->happens(self::SWIMS_A_DAY)
            ? [new Step(StepKind::Swim, how: $this->swimsIn)]
            : [];
    }

    /**
     * What is usual on the nth wash day.
     *
     * @return list<Step>
     */
    public function habit(int $wash): array
    {
        $due = static fn (int $every): bool => $wash % $every === $every - 1;

        return array_values(array_filter([
            $this->head->method->says(MethodQuestion::PreWash, 'oil') ? Step::preWash('oil', 30) : null,
            Step::cleanse($due($this->clarifyEvery) ? CleanseKind::Clarifying : $this->cleanse),
            $due($this->strongEvery) ? Step::strongProtein(10) : null,
            $due($this->maskEvery) ? Step::mask((float) $this->chance->between(10, 35)) : Step::conditioner(3),
            Step::detangle(
                max(5.0, round($this->chance->normal(4.5, 1) * $this->head->sections)),
                'comb',
                'wet-with-slip',
            ),
            Step::leaveIn(),
        ]));
    }

    /** Days until the next visit. */
    public function nextVisit(): int
    {
        $days = max(4, $this->asRegularly(
            (int) round($this->chance->normal(self::VISIT_EVERY_DAYS, self::VISIT_SD_DAYS)),
        ));

        return $this->chance->happens(self::VISIT_MISSED) ? 2 * $days : $days;
    }

    /** Days until the next wash. */
    public function nextWash(): int
    {
        return max(3, $this->asRegularly($this->head->washEveryDays + $this->chance->between(-1, 2)));
    }

    /** So many days, or more or fewer where nobody keeps to days. */
    private function asRegularly(int $days): int
    {
        return $this->rules->gapLogSd > 0
            ? (int) round($days * exp($this->chance->normal(0, $this->rules->gapLogSd)))
            : $days;
    }

    /**
     * What is done at home of what is meant: where people skip, treatments are left out or take twice as long.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    public function doneAtHome(array $steps): array
    {
        $done = [];
        foreach ($steps as $step) {
            $isSure = $this->rules->skips === 0.0 || ! self::mayBeSkipped($step->kind);
            if ($isSure || ! $this->chance->happens($this->rules->skips)) {
                $isDoubled = ! $isSure && $step->minutes !== null && $this->chance->happens($this->rules->doubles);
                $done[] = $isDoubled ? $step->lasting(2 * $step->minutes) : $step;
            }
        }

        return $done;
    }

    private static function mayBeSkipped(StepKind $kind): bool
    {
        return match ($kind) {
            StepKind::PreWash, StepKind::Conditioner, StepKind::Mask, StepKind::MildProtein, StepKind::StrongProtein,
            StepKind::LeaveIn, StepKind::Seal => true,
            default => false,
        };
    }

    /**
     * What gets written down of a wash day at home: some steps are forgotten, some taken for another.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    public function recordedAtHome(array $steps): array
    {
        $recorded = [];
        foreach ($steps as $step) {
            // The dice are thrown either way, so that two lives of one seed differ in nothing else.
            $forgotten = $this->chance->happens(self::HOME_STEP_UNRECORDED);
            $mistaken = $this->chance->happens(self::HOME_STEP_MISTAKEN);
            if ($this->tellsAll || ! $forgotten) {
                $recorded[] = $mistaken && ! $this->tellsAll ? $this->takenForAnother($step) : $step;
            }
        }

        return $recorded;
    }

    private function takenForAnother(Step $step): Step
    {
        return match ($step->kind) {
            StepKind::Mask => Step::conditioner(3),
            StepKind::Conditioner => Step::mask(15),
            StepKind::StrongProtein => Step::mildProtein(5),
            StepKind::Cleanse => Step::cleanse(
                $step->cleanse === CleanseKind::Shampoo ? CleanseKind::Gentle : CleanseKind::Shampoo,
            ),
            default => $step,
        };
    }
}
