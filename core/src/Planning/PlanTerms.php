<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use InvalidArgumentException;
use Nagomi\Core\Estimation\HomeHabits;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpPlan;
use Nagomi\Core\Treatments\BottlesInUse;
use Nagomi\Core\Treatments\Calendar;

/**
 * What a plan must keep to beside the hair itself: days away, where days are spent, what is in stock, what was promised
 * or set by hand.
 */
final readonly class PlanTerms
{
    /** What can be limited, promised or barred: the treatments of a {@see WashOption}. */
    public const TREATMENTS = ['mask', 'mild-protein', 'strong-protein', 'clarifying', 'heat', 'co-wash'];

    /** @var array<string, true>|null days in the salon */
    private ?array $booked;

    /**
     * @param list<array{DateTimeImmutable, DateTimeImmutable}> $away             first and last day of each absence
     * @param list<DateTimeImmutable>|null $salonDays days in the salon; null: no difference is made
     * @param list<string> $notAtHome treatments that are done in the salon only
     * @param int|null $homeMinutesLimit longest wash day at home, in minutes, 10 to 480
     * @param array<string, int> $stock uses left, by treatment; what is not named is not short
     * @param array<string, float> $prices of one use, by treatment; what is not named costs what is usual
     * @param array<string, DateTimeImmutable> $barredUntil first day a treatment may be done: a patch test is still out
     * @param list<array{DateTimeImmutable, string}> $promised day and treatment, as promised to the client
     * @param list<FixedWashDay>                                      $byHand
     * @param list<Occasion>                                    $occasions        what is to come
     * @param OptionMinutes|null $minutes how long each way takes on this head; null: what is usual
     * @param ProteinEvidence $evidence what speaks for protein or against it
     * @param bool $keepsRhythm the client's own rhythm stands, whatever the scalp asks for
     * @param ScalpEstimate|null $scalp what is known of the scalp; null: nobody read it
     * @param ScalpPlan|null $scalpPlan what the scalp asks for on the wash days of the season, once they are known
     * @param list<Programme> $programmes what is kept to for some weeks
     * @param Wishes $wishes what was wished of the plan for some days
     * @param TrimGoal|null $trimGoal what the client wants of the length; null: not said
     * @param DateTimeImmutable|null $takeDownOn day a protective style that is worn comes down, and the hair is washed
     * @param array<string, int> $labelMinutes most that mask or protein at hand may sit by its label, 1 to 720
     * @param WeekTime $week the time there is by weekday, on days that are not in the salon
     * @param BottlesInUse $bottles what treatments are done with; the planner takes them from the record
     * @param bool $offersShortMasks long ones are often left out at home; the planner takes it from the habits
     * @param int $priceLevel currency units that buy what one of the shipped prices buys, 1 and more
     * @param bool $notReadYet nobody has read this hair lately: what calls for a reading waits for one
     *
     * @throws InvalidArgumentException see {@see PlanTermsCheck}
     */
    public function __construct(
        public array $away = [],
        public ?array $salonDays = null,
        public array $notAtHome = [],
        public ?int $homeMinutesLimit = null,
        public array $stock = [],
        public array $prices = [],
        public array $barredUntil = [],
        public array $promised = [],
        public array $byHand = [],
        public array $occasions = [],
        public bool $notReadYet = false,
        public ?OptionMinutes $minutes = null,
        public ProteinEvidence $evidence = new ProteinEvidence(),
        public bool $keepsRhythm = false,
        public ?ScalpEstimate $scalp = null,
        public ?ScalpPlan $scalpPlan = null,
        public array $programmes = [],
        public Wishes $wishes = new Wishes(),
        public WeekTime $week = new WeekTime(),
        public ?TrimGoal $trimGoal = null,
        public ?DateTimeImmutable $takeDownOn = null,
        public array $labelMinutes = [],
        public BottlesInUse $bottles = new BottlesInUse(),
        public bool $offersShortMasks = false,
        public int $priceLevel = 1,
    ) {
        PlanTermsCheck::that($this);
        $days = array_map(static fn (DateTimeImmutable $day): string => $day->format('Y-m-d'), $salonDays ?? []);
        $this->booked = $salonDays === null ? null : array_fill_keys($days, true);
    }

    /** The same terms for a head that was last read on a day; null: never. */
    public function readOn(?DateTimeImmutable $lastRead, DateTimeImmutable $today, PlanningParameters $limits): self
    {
        $notReadYet = $lastRead === null
            || Calendar::daysBetween($lastRead, $today) > $limits->notReadAfterDays;

        return new self(...[...$this->all(), 'notReadYet' => $notReadYet]);
    }

    /** The same terms with the head's own minutes. */
    public function timedBy(OptionMinutes $minutes): self
    {
        return new self(...[...$this->all(), 'minutes' => $minutes]);
    }

    /** The same terms with what speaks for protein or against it. */
    public function knowing(ProteinEvidence $evidence): self
    {
        return new self(...[...$this->all(), 'evidence' => $evidence]);
    }

    /** The same terms, done with these bottles. */
    public function doneWith(BottlesInUse $bottles): self
    {
        return new self(...[...$this->all(), 'bottles' => $bottles]);
    }

    /** The same terms for a client of these habits at home. */
    public function keptBy(?HomeHabits $habits): self
    {
        $leavesOut = $habits?->adherence->leavesOutLongMasks() ?? false;

        return new self(...[...$this->all(), 'offersShortMasks' => $leavesOut]);
    }

    /** The same terms with what is known of the scalp; null: nobody read it, or too long ago to go by. */
    public function knowingScalp(?ScalpEstimate $scalp): self
    {
        return new self(...[...$this->all(), 'scalp' => $scalp, 'scalpPlan' => null]);
    }

    /** The same terms with what the scalp asks for on the wash days that were found. */
    public function caringForScalp(?ScalpPlan $plan): self
    {
        return new self(...[...$this->all(), 'scalpPlan' => $plan]);
    }

    /**
     * @return array{
     *     away: list<array{DateTimeImmutable, DateTimeImmutable}>, salonDays: list<DateTimeImmutable>|null,
     *     notAtHome: list<string>, homeMinutesLimit: int|null, stock: array<string, int>, prices: array<string, float>,
     *     barredUntil: array<string, DateTimeImmutable>, promised: list<array{DateTimeImmutable, string}>,
     *     byHand: list<FixedWashDay>, occasions: list<Occasion>, notReadYet: bool, minutes: OptionMinutes|null,
     *     evidence: ProteinEvidence, keepsRhythm: bool, scalp: ScalpEstimate|null, scalpPlan: ScalpPlan|null,
     *     programmes: list<Programme>, wishes: Wishes, week: WeekTime, trimGoal: TrimGoal|null,
     *     takeDownOn: DateTimeImmutable|null, labelMinutes: array<string, int>, bottles: BottlesInUse,
     *     offersShortMasks: bool, priceLevel: int,
     * }
     */
    public function all(): array
    {
        return [
            'away' => $this->away, 'salonDays' => $this->salonDays, 'notAtHome' => $this->notAtHome,
            'homeMinutesLimit' => $this->homeMinutesLimit, 'stock' => $this->stock, 'prices' => $this->prices,
            'barredUntil' => $this->barredUntil, 'promised' => $this->promised, 'byHand' => $this->byHand,
            'occasions' => $this->occasions, 'notReadYet' => $this->notReadYet, 'minutes' => $this->minutes,
            'evidence' => $this->evidence, 'keepsRhythm' => $this->keepsRhythm, 'scalp' => $this->scalp,
            'scalpPlan' => $this->scalpPlan, 'programmes' => $this->programmes, 'wishes' => $this->wishes,
            'week' => $this->week, 'trimGoal' => $this->trimGoal, 'takeDownOn' => $this->takeDownOn,
            'labelMinutes' => $this->labelMinutes, 'bottles' => $this->bottles,
            'offersShortMasks' => $this->offersShortMasks, 'priceLevel' => $this->priceLevel,
        ];
    }

    /** Whether any day of a season may be too short for some way to wash. */
    public function limitMinutes(Head $head): bool
    {
        return $this->week->isSet() || is_finite($this->leastMinutes($head));
    }

    /** The shortest time any wash day of a season may have, in minutes; INF where there is no limit. */
    public function leastMinutes(Head $head): float
    {
        return (float) min([INF, ...array_filter([
            $head->minutesLimit ?? ($head->bornOn === null ? null : $head->parameters->planning->childMostMinutes),
            $this->homeMinutesLimit,
            ...$this->week->minutes,
            ...array_values($this->week->dates),
        ])]);
    }

    /** At most; how many days after the last detangling, and whether a style comes down, may be told. */
    public function minutes(WashOption $choice, Head $head, ?int $daysSince = null, bool $isTakenDown = false): float
    {
        return $this->minutes === null
            ? $choice->minutes($head)
            : $this->minutes->of($choice, $head) + $this->minutes->more($choice, $head, $daysSince, $isTakenDown);
    }

    /** @param list<Programme> $programmes kept to for some weeks */
    public function keepingTo(array $programmes): self
    {
        return new self(...[...$this->all(), 'programmes' => $programmes]);
    }

    /** @param array<string, int> $minutes longest that what is at hand may sit by its label: mask, protein */
    public function labelled(array $minutes): self
    {
        return new self(...[...$this->all(), 'labelMinutes' => $minutes]);
    }

    /** The same terms with the day a style that is worn comes down; null: none is worn. */
    public function takingDown(?DateTimeImmutable $on): self
    {
        return new self(...[...$this->all(), 'takeDownOn' => $on]);
    }

    /** The same terms with one wish more. */
    public function wishing(Wish $wish): self
    {
        return new self(...[...$this->all(), 'wishes' => new Wishes([...$this->wishes->all, $wish])]);
    }

    /** @return list<Programme> that run on a day */
    public function programmesOn(DateTimeImmutable $day): array
    {
        return array_values(array_filter(
            $this->programmes,
            static fn (Programme $programme): bool => $programme->includes($day),
        ));
    }

    public function keepsTo(ProgrammeKind $kind, DateTimeImmutable $day): bool
    {
        return in_array(
            $kind,
            array_map(static fn (Programme $programme): ProgrammeKind => $programme->kind, $this->programmesOn($day)),
            true,
        );
    }

    /** @return list<Occasion> */
    public function of(OccasionKind $kind): array
    {
        return array_values(array_filter(
            $this->occasions,
            static fn (Occasion $occasion): bool => $occasion->kind === $kind,
        ));
    }

    public function isSwimming(DateTimeImmutable $day): bool
    {
        return array_filter(
            $this->of(OccasionKind::Swimming),
            static fn (Occasion $swimming): bool => $swimming->includes($day),
        ) !== [];
    }

    public function isAway(DateTimeImmutable $day): bool
    {
        return array_filter(
            $this->away,
            static fn (array $one): bool => $day >= $one[0] && $day <= $one[1],
        ) !== [];
    }

    /** Hair can be washed on that day: nobody is away, and the week has time for it. */
    public function canWash(DateTimeImmutable $day): bool
    {
        return ! $this->isAway($day) && $this->week->isOpen($day);
    }

    /** The longest wash day on that day, in minutes; null: no limit of the week, or of a day in the salon. */
    public function weekdayMinutes(DateTimeImmutable $day): ?int
    {
        return $this->week->onDate($day)
            ?? ($this->booked !== null && $this->isInSalon($day) ? null : $this->week->on($day));
    }

    public function isInSalon(DateTimeImmutable $day): bool
    {
        return $this->booked === null || isset($this->booked[$day->format('Y-m-d')]);
    }

    /** Whether it is washed at home on that day: it is not in the salon, or nobody said and it is not today. */
    public function isAtHome(DateTimeImmutable $day, DateTimeImmutable $today): bool
    {
        return $this->booked === null ? $day > $today : ! $this->isInSalon($day);
    }

    public function setByHand(DateTimeImmutable $day): ?FixedWashDay
    {
        foreach ($this->byHand as $set) {
            if (Calendar::daysBetween($set->date, $day) === 0) {
                return $set;
            }
        }

        return null;
    }

    /** Price of what a choice uses up, in currency units. */
    public function price(WashOption $choice, PlanningParameters $costs): float
    {
        $usual = fn (string $of): float => $this->priceLevel * ($costs->treatmentPrice[$of] ?? 0.0);
        $price = fn (string $of): float => $this->prices[$of] ?? $usual($of);

        return (float) array_sum(array_map($price, $choice->treatments()));
    }
}
