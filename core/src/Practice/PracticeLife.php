<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use LogicException;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Simulation\RuleChecker;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
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
     */
    private function __construct(
        public PracticeCase $case,
        public PracticeHair $hair,
        public PracticeTally $tally,
        public Head $told,
        public int $turn = 0,
        public array $washDays = [],
        public array $readings = [],
        private array $asked = [],
        private int $lastWash = 0,
    ) {
    }

    public static function begun(PracticeCase $case): self
    {
        return new self(
            $case,
            $case->hair,
            new PracticeTally(),
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
        return $this->case->from->modify("+{$this->day()} days");
    }

    public function isOver(): bool
    {
        return $this->turn >= PracticeCase::TURNS;
    }

    /**
     * The same visit, once these tests were taken.
     *
     * @param list<string> $tests names; what says nothing of a practice case is left out, and what was read at this visit:
     *     the same look twice says no more than once
     */
    public function read(array $tests): self
    {
        [$readings, $minutes] = [$this->readings, 0.0];
        $usual = $this->case->told->parameters->readings->testMinutes;
        $luck = new PracticeLuck($this->case->seed);
        $before = array_map(
            static fn (Reading $reading): string => $reading->id,
            $this->readings,
        );
        foreach (array_unique($tests) as $test) {
            $since = max(0, $this->day() - $this->lastWash);
            $raw = PracticeReadings::of($test, $this->hair, $this->day(), $since, $luck);
            $id = "r{$this->day()}-{$test}";
            if ($raw !== null && ! in_array($id, $before, true)) {
                $readings[] = new Reading($id, $this->date(), PracticeReadings::momentOf($test), $test, $raw);
                $minutes += $usual[$test] ?? 0.0;
            }
        }

        return $this->with($this->hair, $this->tally->with(minutes: $minutes), $this->washDays, $readings);
    }

    /**
     * Four weeks later.
     *
     * @throws LogicException where the case is over
     */
    public function decided(PracticeDecision $decision): self
    {
        if ($this->isOver()) {
            throw new LogicException('This practice case is over.');
        }
        $luck = new PracticeLuck($this->case->seed);
        $life = $this->taken($decision->porosity)->with(
            $this->hair,
            $this->tally->believing($decision->belief, $this->hair->cells()),
            $this->washDays,
            $this->readings,
        );
        for ($after = 0; $after < PracticeCase::DAYS_A_TURN; $after++) {
            $choice = $after === 0 ? $decision->today : $decision->home[$after] ?? null;
            $life = $choice === null ? $life : $life->washed($choice, $after, $luck);
            $life = $life->dayEnded($after, $luck);
        }

        return new self(
            $life->case,
            $life->hair,
            $life->tally,
            $life->told,
            $life->turn + 1,
            $life->washDays,
            $life->readings,
            $life->asked,
            $life->lastWash,
        );
    }

    /** The same where the hair is taken for another kind from now on. */
    public function taken(?Porosity $porosity): self
    {
        if ($porosity === null) {
            return $this;
        }
        $parts = array_map(
            static fn (ZonePart $part): ZonePart => new ZonePart(
                $part->zone,
                $part->part,
                $porosity,
                $part->strand,
                $part->chemicallyTreated,
            ),
            $this->told->zoneParts,
        );

        return new self(
            $this->case,
            $this->hair,
            $this->tally,
            $this->told->withZones($parts),
            $this->turn,
            $this->washDays,
            $this->readings,
            $this->asked,
            $this->lastWash,
        );
    }

    private function washed(WashOption $choice, int $after, PracticeLuck $luck): self
    {
        [$told, $day] = [$this->told, $this->day() + $after];
        $asked = $choice->steps($told);
        $done = $after === 0 ? $asked : $this->kept($asked, $day, $luck);
        $noted = $after === 0 ? $done : $this->told($done, $day, $luck);
        $date = $this->case->from->modify("+{$day} days");
        $place = $after === 0 ? Place::Salon : Place::Home;
        $washDays = $noted === []
            ? $this->washDays
            : [...$this->washDays, new WashDay("w{$day}", $date, $noted, $place, planned: $asked)];

        return new self(
            $this->case,
            $this->hair->washed(new WashDay("done{$day}", $date, $done, $place), $day, $luck),
            $this->tally->with(
                minutes: $choice->minutes($told),
                money: (new PlanTerms())->price($choice, $told->parameters->planning),
            ),
            $told,
            $this->turn,
            $washDays,
            $this->readings,
            [...$this->asked, [$day, $asked]],
            $day,
        );
    }

    /**
     * What is done at home of what was asked for: treatments are left out now and then.
     *
     * @param list<Step> $asked
     *
     * @return list<Step>
     */
    private function kept(array $asked, int $day, PracticeLuck $luck): array
    {
        return array_values(array_filter($asked, fn (Step $step): bool => match ($step->kind) {
            StepKind::PreWash, StepKind::Conditioner, StepKind::Mask, StepKind::MildProtein, StepKind::StrongProtein,
            StepKind::LeaveIn, StepKind::Seal => $luck->of("keeps {$step->kind->value}", $day)
                ->happens($this->case->keeps),
            default => true,
        }));
    }

    /**
     * What is told of a wash at home: from memory, of which some is lost.
     *
     * @param list<Step> $done
     *
     * @return list<Step>
     */
    private function told(array $done, int $day, PracticeLuck $luck): array
    {
        $forgotten = $this->case->told->parameters->habits->forgotten;

        return array_values(array_filter(
            $done,
            static fn (Step $step): bool => ! $luck->of("tells {$step->kind->value}", $day)->happens($forgotten),
        ));
    }

    private function dayEnded(int $after, PracticeLuck $luck): self
    {
        $day = $this->day() + $after;
        $tally = $this->tally->with(
            daysOut: $this->hair->outOfBalance(),
            brokenHairs: $this->hair->breaksADay(),
        );
        $hair = $this->hair->afterADay($this->case->from->modify("+{$day} days"), $day, $luck);

        return $this->with($hair, $tally, $this->washDays, $this->readings);
    }

    /** Rules of the trade that were broken by what was asked for. */
    public function rulesBroken(): int
    {
        $checker = new RuleChecker($this->case->told);
        foreach ($this->case->past as $washDay) {
            $checker->washDay(Calendar::daysBetween($this->case->from, $washDay->date), $washDay->steps);
        }
        $broken = 0;
        foreach ($this->asked as [$day, $steps]) {
            $broken += count($checker->washDay($day, $steps));
        }

        return $broken;
    }

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $readings
     */
    private function with(PracticeHair $hair, PracticeTally $tally, array $washDays, array $readings): self
    {
        return new self(
            $this->case,
            $hair,
            $tally,
            $this->told,
            $this->turn,
            $washDays,
            $readings,
            $this->asked,
            $this->lastWash,
        );
    }
}
