<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use InvalidArgumentException;
use LogicException;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\BottlesInUse;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/**
 * A practice case as far as it was played: what whoever plays it knows (the record) and the hair as it really is. A visit
 * is read, then decided on; four weeks pass, and the next one comes. Nothing of it changes; each act gives the next.
 */
final readonly class PracticeLife
{
    /**
     * @param Head          $told     what the hair is taken for so far
     * @param int           $turn     visits that are over, 0 to 8
     * @param list<WashDay> $washDays as they are on record
     * @param list<Reading> $readings as they are on record
     * @param list<array{int, list<Step>}> $asked what was decided, by day, for the rules
     * @param int           $lastWash day of it, before the first day below 0
     * @param list<PracticeHair> $days the hair on the evening of each day
     */
    private function __construct(
        public PracticeCase $case,
        public PracticeHair $hair,
        public PracticeScalp $scalp,
        public Head $told,
        public PracticeTally $tally = new PracticeTally(),
        public int $turn = 0,
        public array $washDays = [],
        public array $readings = [],
        public array $asked = [],
        private int $lastWash = 0,
        public array $days = [],
    ) {
    }

    public static function begun(PracticeCase $case): self
    {
        return new self(
            $case,
            $case->hair,
            $case->scalp,
            $case->told,
            washDays: $case->past,
            lastWash: -$case->told->washEveryDays,
        );
    }

    public function day(): int
    {
        return $this->turn * PracticeCase::DAYS_A_TURN;
    }

    public function date(): DateTimeImmutable
    {
        return $this->dateOf($this->day());
    }

    public function isOver(): bool
    {
        return $this->turn >= PracticeCase::TURNS;
    }

    /** @return list<PracticeComplaint> what the client says at this visit */
    public function complaints(): array
    {
        return $this->turn === 0 && $this->case->says !== []
            ? $this->case->says
            : PracticeComplaint::of($this->hair, $this->scalp, $this->day(), $this->case->luck());
    }

    /** @return list<string> names of the tests of this visit */
    public function testsTaken(): array
    {
        $date = $this->date()->format('Y-m-d');

        return array_values(array_map(
            static fn (Reading $reading): string => $reading->test,
            array_filter(
                $this->readings,
                static fn (Reading $reading): bool => $reading->date->format('Y-m-d') === $date,
            ),
        ));
    }

    /** Minutes of hair tests that are left at this visit. */
    public function testMinutesLeft(): float
    {
        $usual = $this->case->told->parameters->readings->testMinutes;

        return $this->case->budget->testMinutes - array_sum(array_map(
            static fn (string $test): float => $usual[$test] ?? 0.0,
            $this->testsTaken(),
        ));
    }

    public function moneyLeft(): float
    {
        return $this->case->budget->money - $this->tally->money;
    }

    /**
     * @param list<string> $tests names, what matters most first
     *
     * @return list<string> those there is time for
     */
    public function inTime(array $tests): array
    {
        [$left, $fit] = [$this->testMinutesLeft(), []];
        foreach (array_diff(array_unique($tests), $this->testsTaken()) as $test) {
            $minutes = $this->case->told->parameters->readings->testMinutes[$test] ?? 0.0;
            if ($minutes <= $left) {
                $fit[] = $test;
                $left -= $minutes;
            }
        }

        return $fit;
    }

    /**
     * The same visit, once these tests were taken.
     *
     * @param list<string> $tests names; what says nothing of a practice case is left out, and what was read at this visit:
     *     the same look twice says no more than once
     *
     * @throws InvalidArgumentException where there is no time for them
     */
    public function read(array $tests): self
    {
        [$readings, $minutes, $luck] = [$this->readings, 0.0, $this->case->luck()];
        $usual = $this->case->told->parameters->readings->testMinutes;
        foreach (array_diff(array_unique($tests), $this->testsTaken()) as $test) {
            $raw = $test === 'scalp'
                ? $this->scalp->map($this->case->told->parameters->scalp, $luck, $this->day())
                : PracticeReadings::of($test, $this->hair, $this->day(), max(0, $this->day() - $this->lastWash), $luck);
            if ($raw !== null) {
                $id = "r{$this->day()}-{$test}";
                $readings[] = new Reading($id, $this->date(), PracticeReadings::momentOf($test), $test, $raw);
                $minutes += $usual[$test] ?? 0.0;
            }
        }
        if ($minutes > $this->testMinutesLeft()) {
            throw new InvalidArgumentException('There is no time for these hair tests.');
        }

        return $this->with(['readings' => $readings, 'tally' => $this->tally->with(minutes: $minutes)]);
    }

    /** Whether there is time and money for all of it. */
    public function affords(PracticeDecision $decision): bool
    {
        return $this->affordable($decision)->isSame($decision);
    }

    /** The nearest to it that there is time and money for, what comes first first. */
    public function affordable(PracticeDecision $decision): PracticeDecision
    {
        return $this->case->budget->affordable($decision, $this->told, $this->moneyLeft());
    }

    /**
     * Four weeks later.
     *
     * @throws LogicException           where the case is over
     * @throws InvalidArgumentException where there is neither time nor money for it
     */
    public function decided(PracticeDecision $decision): self
    {
        if ($this->isOver()) {
            throw new LogicException('This practice case is over.');
        }
        if (! $this->affords($decision)) {
            throw new InvalidArgumentException('There is neither time nor money for all of it.');
        }
        $life = $this->taken($decision->porosity);
        $life = $life->with(['tally' => $life->tally->believing($decision->belief, $life->hair->cells())]);
        for ($after = 0; $after < PracticeCase::DAYS_A_TURN; $after++) {
            $choice = $after === 0 ? $decision->today : $decision->home[$after] ?? null;
            $bottles = $after === 0 ? $decision->bottles : $decision->homeBottles;
            $life = ($choice === null ? $life : $life->washed($choice, $after, $bottles))->dayEnded($after);
        }

        return $life->with(['turn' => $life->turn + 1]);
    }

    /** The same where what the hair was taken for is taken for another kind from now on. */
    public function taken(?Porosity $porosity): self
    {
        if ($porosity === null) {
            return $this;
        }
        $before = $this->told->strata[0]->porosity;

        return $this->with(['told' => $this->told->withZones(array_map(
            static fn (ZonePart $part): ZonePart => new ZonePart(
                $part->zone,
                $part->part,
                $part->porosity === $before ? $porosity : $part->porosity,
                $part->strand,
                $part->chemicallyTreated,
            ),
            $this->told->zoneParts,
        ))]);
    }

    private function washed(WashOption $choice, int $after, BottlesInUse $bottles): self
    {
        [$home, $day] = [$this->case->home(), $this->day() + $after];
        [$asked, $isHere] = [$bottles->with($choice->steps($this->told)), $after === 0];
        $done = $isHere ? $asked : $home->done($asked, $day);
        $noted = $isHere ? $done : $home->told($done, $day);
        $place = $isHere ? Place::Salon : Place::Home;
        $really = new WashDay("done{$day}", $this->dateOf($day), $done, $place);
        // Of a wash nothing is told of, nobody knows.
        $record = $noted === [] ? [] : [
            new WashDay("w{$day}", $this->dateOf($day), $noted, $place, planned: $asked),
        ];

        return $this->with([
            'hair' => $this->hair->washed($really, $day, $this->case->luck()),
            'scalp' => $this->scalp->washed($really, $this->told->parameters->scalp),
            'tally' => $this->tally->with(
                minutes: $choice->minutes($this->told),
                money: PracticeBudget::price($choice, $this->told),
            ),
            'washDays' => [...$this->washDays, ...$record],
            'asked' => [...$this->asked, [$day, $asked]],
            'lastWash' => $day,
        ]);
    }

    private function dayEnded(int $after): self
    {
        $day = $this->day() + $after;
        $scalp = $this->told->parameters->scalp;
        $tally = $this->tally->with(
            daysOut: $this->hair->outOfBalance(),
            brokenHairs: $this->hair->breaksADay(),
            scalpDays: $this->scalp->past($scalp) === [] ? 0 : 1,
        );

        return $this->with([
            'hair' => $this->hair->afterADay($this->dateOf($day), $day, $this->case->luck()),
            'scalp' => $this->scalp->afterADay($day, $this->told->humidityPercent, $scalp, $this->case->luck()),
            'tally' => $tally,
            'days' => [...$this->days, $this->hair],
        ]);
    }

    public function rulesBroken(): int
    {
        return PracticeRules::broken($this);
    }

    private function dateOf(int $day): DateTimeImmutable
    {
        return $this->case->from->modify("+{$day} days");
    }

    /**
     * @param array{
     *     hair?: PracticeHair, scalp?: PracticeScalp, told?: Head, tally?: PracticeTally, turn?: int,
     *     washDays?: list<WashDay>, readings?: list<Reading>, asked?: list<array{int, list<Step>}>, lastWash?: int,
     *     days?: list<PracticeHair>,
     * } $changed
     */
    private function with(array $changed): self
    {
        return new self(
            $this->case,
            $changed['hair'] ?? $this->hair,
            $changed['scalp'] ?? $this->scalp,
            $changed['told'] ?? $this->told,
            $changed['tally'] ?? $this->tally,
            $changed['turn'] ?? $this->turn,
            $changed['washDays'] ?? $this->washDays,
            $changed['readings'] ?? $this->readings,
            $changed['asked'] ?? $this->asked,
            $changed['lastWash'] ?? $this->lastWash,
            $changed['days'] ?? $this->days,
        );
    }
}
