<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use LogicException;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** What the rules need to know on one possible wash day. Days are counted from today; the past is negative. */
final readonly class RuleContext
{
    private ?DaysAhead $days;

    /**
     * @param int|null $lastStrong   day of the last strong protein
     * @param int|null $lastClarify  day of the last clarifying or chelating cleanse
     * @param int|null $lastMask     day of the last mask
     * @param bool     $proteinLast  the wash day before had protein
     * @param int|null $nextWash     day of the next possible wash day; null where none follows
     * @param HairThen $hair         what is to be expected of the hair on that day
     * @param int|null $lastProtein  day of the last protein of any strength
     * @param int|null $lastMild     day of the last mild protein
     * @param int|null $lastService  day of the last colour, bleach or other chemical service on record
     * @param bool|null $coWashLast  the cleanse before was a co-wash; null: none is on record
     * @param bool      $hasWashedBefore a wash day of the plan lies before this one: a look can be taken on it
     * @param int|null $lastDetangled day of the last detangling; null: none is known
     * @param array<string, int> $used uses since today of what is short, by treatment
     * @param DaysAhead|null    $days where they are known from another day of the same season
     */
    public function __construct(
        public Head $head,
        public int $day,
        public ?int $lastStrong = null,
        public ?int $lastClarify = null,
        public ?int $lastMask = null,
        public bool $proteinLast = false,
        public ?int $nextWash = null,
        public HairThen $hair = new HairThen(),
        public ?int $lastProtein = null,
        public array $used = [],
        public PlanTerms $terms = new PlanTerms(),
        public ?DateTimeImmutable $today = null,
        public ?int $lastMild = null,
        public ?int $lastService = null,
        public ?bool $coWashLast = null,
        public bool $hasWashedBefore = false,
        public ?int $lastDetangled = null,
        ?DaysAhead $days = null,
    ) {
        $this->days = $days ?? ($today === null ? null : new DaysAhead($today));
    }

    /** @throws LogicException where the day it counts from is not known */
    public function date(): DateTimeImmutable
    {
        return $this->days?->on($this->day) ?? throw new LogicException('The day this counts from is not known.');
    }

    /** The days and chances the rules go by. */
    public function limits(): PlanningParameters
    {
        return $this->head->parameters->planning;
    }

    /** Whether somebody read the hair since its last protein; what is only planned nobody has read yet. */
    public function isReadSinceProtein(): bool
    {
        return $this->lastProtein === null || $this->lastProtein < 0 && ! $this->terms->evidence->isUnreadSinceProtein;
    }

    public function isInSalon(): bool
    {
        return $this->terms->salonDays === null || $this->terms->isInSalon($this->date());
    }

    /**
     * Days since the last chemical service that was done before this day, on record or among what is to come; null:
     * none is known.
     */
    public function daysSinceService(): ?int
    {
        $since = $this->lastService === null ? null : $this->day - $this->lastService;
        foreach ($this->terms->occasions === [] ? [] : $this->terms->of(OccasionKind::NewColour) as $colour) {
            if ($this->date() >= $colour->from) {
                $since = min($since ?? PHP_INT_MAX, max(0, Calendar::daysBetween($colour->until, $this->date())));
            }
        }

        return $since;
    }

    /** In whole years on that day; null: not said. */
    public function age(): ?int
    {
        return $this->head->bornOn === null ? null : $this->head->ageOn($this->date());
    }

    public function isChild(): bool
    {
        return ($this->age() ?? PHP_INT_MAX) < $this->limits()->childUntilYears;
    }

    /** Whether a protective style is worn on that day, and comes down on a later one. */
    public function wearsStyle(): bool
    {
        return $this->terms->takeDownOn !== null && $this->date() < $this->terms->takeDownOn;
    }

    /** Minutes that a way to wash takes on this day, at most. */
    public function minutes(WashOption $choice): float
    {
        return $this->terms->minutes($choice, $this->head, $this->daysSinceDetangled(), $this->isTakeDown());
    }

    /** Minutes that a way to wash takes on this day, as its wash day is laid out. */
    public function exactMinutes(WashOption $choice): float
    {
        return $this->terms->minutes?->on($choice, $this->head, $this->daysSinceDetangled(), $this->isTakeDown())
            ?? $choice->minutes($this->head);
    }

    private function daysSinceDetangled(): ?int
    {
        return $this->lastDetangled === null ? null : $this->day - $this->lastDetangled;
    }

    private function isTakeDown(): bool
    {
        $on = $this->terms->takeDownOn?->format('Y-m-d');

        return $on !== null && $on === $this->date()->format('Y-m-d');
    }

    /**
     * The longest this day may take, in minutes; null: no limit.
     *
     * @param int $daysOn of a day so many days on instead
     */
    public function minutesLimit(int $daysOn = 0): ?int
    {
        $none = PHP_INT_MAX;
        // What was said of this child goes before what is usual of children: dense hair may not be washed in the usual.
        $least = $this->head->minutesLimit ?? ($this->isChild() ? $this->limits()->childMostMinutes : $none);
        $atHome = $this->terms->salonDays === null ? null : $this->terms->homeMinutesLimit;
        $week = $this->terms->week->limits();
        if ($atHome !== null || $week) {
            $on = $daysOn === 0 ? $this->date() : $this->date()->modify("+{$daysOn} days");
            $least = min(
                $least,
                $atHome !== null && ! $this->terms->isInSalon($on) ? $atHome : $none,
                $week ? $this->terms->weekdayMinutes($on) ?? $none : $none,
            );
        }

        return $least === $none ? null : $least;
    }

    /**
     * @param list<WashDay>                $history earlier wash days
     * @param callable(WashDay): int       $dayOf   day of a wash day, counted from today
     */
    public static function after(
        Head $head,
        array $history,
        callable $dayOf,
        PlanTerms $terms = new PlanTerms(),
        ?DateTimeImmutable $today = null,
    ): self {
        [$last, $lastWash, $protein] = self::lasts($history, $dayOf);

        return new self(
            $head,
            $lastWash ?? 0,
            $last['strong'],
            $last['clarify'],
            // Where none is on record, one is as late as it may be.
            $last['mask'] ?? -$head->parameters->planning->maskNoLaterDays,
            $protein,
            lastProtein: $last['protein'],
            terms: $terms,
            today: $today,
            lastMild: $last['mild'],
            lastService: $last['service'],
            coWashLast: $last['cleanse'] === null ? null : $last['co-wash'] === $last['cleanse'],
            lastDetangled: $last['detangle'],
        );
    }

    /**
     * @param list<WashDay>          $history
     * @param callable(WashDay): int $dayOf
     *
     * @return array{array<string, int|null>, int|null, bool} day of the last of each and of the last wash; its protein
     */
    private static function lasts(array $history, callable $dayOf): array
    {
        /** @var array<string, int|null> $last */
        $last = array_fill_keys(
            ['strong', 'clarify', 'mask', 'protein', 'mild', 'service', 'cleanse', 'co-wash', 'detangle'],
            null,
        );
        $lastWash = null;
        $protein = false;
        foreach ($history as $washDay) {
            $day = $dayOf($washDay);
            foreach (
                [
                    'strong' => $washDay->has(StepKind::StrongProtein),
                    'clarify' => $washDay->clarifies(),
                    'mask' => $washDay->has(StepKind::Mask),
                    'protein' => $washDay->has(StepKind::StrongProtein, StepKind::MildProtein),
                    'mild' => $washDay->has(StepKind::MildProtein),
                    'service' => $washDay->has(StepKind::ChemicalService),
                    'cleanse' => $washDay->has(StepKind::Cleanse),
                    'co-wash' => $washDay->coWashes(),
                    'detangle' => $washDay->has(StepKind::Detangle),
                ] as $what => $done
            ) {
                if ($done) {
                    $last[$what] = max($last[$what] ?? $day, $day);
                }
            }
            if ($washDay->cares() && $day >= ($lastWash ?? $day)) {
                $lastWash = $day;
                $protein = $washDay->has(StepKind::MildProtein, StepKind::StrongProtein);
            }
        }

        return [$last, $lastWash, $protein];
    }

    /** The same head on its next wash day, after the given choice on this one. */
    public function next(WashOption $choice, int $day, ?int $nextWash, HairThen $hair): self
    {
        return new self(
            $this->head,
            $day,
            $choice->protein === StepKind::StrongProtein ? $this->day : $this->lastStrong,
            $choice->cleanse->clarifies() ? $this->day : $this->lastClarify,
            $choice->masks() ? $this->day : $this->lastMask,
            $choice->protein !== null,
            $nextWash,
            $hair,
            $choice->protein !== null ? $this->day : $this->lastProtein,
            $this->usedWith($choice),
            $this->terms,
            $this->today,
            $choice->protein === StepKind::MildProtein ? $this->day : $this->lastMild,
            $this->lastService,
            $choice->cleanse === CleanseKind::CoWash,
            true,
            $choice->inStyle ? $this->lastDetangled : $this->day,
            $this->days,
        );
    }

    /** @return array<string, int> */
    private function usedWith(WashOption $choice): array
    {
        $used = $this->used;
        foreach ($this->terms->stock === [] ? [] : $choice->treatments() as $treatment) {
            $used[$treatment] = ($used[$treatment] ?? 0) + 1;
        }

        return $used;
    }

    /** The same history on another day. */
    public function on(int $day, ?int $nextWash, HairThen $hair): self
    {
        return new self(
            $this->head,
            $day,
            $this->lastStrong,
            $this->lastClarify,
            $this->lastMask,
            $this->proteinLast,
            $nextWash,
            $hair,
            $this->lastProtein,
            $this->used,
            $this->terms,
            $this->today,
            $this->lastMild,
            $this->lastService,
            $this->coWashLast,
            $this->hasWashedBefore,
            $this->lastDetangled,
            $this->days,
        );
    }
}
