<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\ExpectedBreakage;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\Rules\RulesInForce;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Wording\Message;

/** Goes through the wash days that were chosen, one after the other, and says of each why it is so. */
final class PlanItems
{
    /** @var non-empty-list<WashOption> what could be done on any of the days */
    private readonly array $options;

    private readonly RulesInForce $rules;

    /** As a logarithm. */
    private readonly float $ownBreakage;

    private int $washedBefore;

    private int $lastLook;

    private ?RuleContext $before = null;

    /** @var array<int, float> {@see MeanSimulator} on the morning of the next wash day */
    private array $means;

    /**
     * @param list<int>        $washDays days counted from today
     * @param list<WashOption> $choices  one for each
     * @param list<Snapshot>   $forecast one for each day from today
     */
    private function __construct(
        private readonly Snapshot $start,
        private RuleContext $standing,
        private readonly MeanSimulator $terrain,
        private readonly HairAhead $ahead,
        private readonly array $washDays,
        private readonly array $choices,
        private readonly array $forecast,
        private readonly int $horizon,
        private readonly ?PlanReasons $reasons,
    ) {
        $this->options = WashOptions::of($terrain->head, $terrain->terms);
        $this->rules = RulesInForce::of($terrain->head, $terrain->terms);
        $this->ownBreakage = ExpectedBreakage::ownOffset($start->state);
        $this->washedBefore = $standing->day;
        $this->lastLook = -($terrain->terms->evidence->readDaysAgo ?? $standing->limits()->looksApartDays);
        $this->means = $terrain->afterDays(MeanSimulator::means($start->state), 0, $washDays[0], $start->sealed);
        $this->standing = $standing->on($washDays[0], $washDays[1] ?? null, $ahead->of($this->means, $washDays[0]));
    }

    /**
     * @param list<int>        $washDays days counted from today
     * @param list<WashOption> $choices  one for each
     * @param list<Snapshot>   $forecast one for each day from today
     * @param PlanReasons|null $reasons  null: nobody asks what an item is for
     *
     * @return list<PlanItem> one for each choice
     */
    public static function of(
        Snapshot $start,
        RuleContext $standing,
        MeanSimulator $terrain,
        HairAhead $ahead,
        array $washDays,
        array $choices,
        array $forecast,
        int $horizon,
        ?PlanReasons $reasons = null,
    ): array {
        $walk = new self($start, $standing, $terrain, $ahead, $washDays, $choices, $forecast, $horizon, $reasons);
        $items = [];
        foreach (array_keys($choices) as $level) {
            $items[] = $walk->item($level);
            $walk->goOn($level);
        }

        return $items;
    }

    private function item(int $level): PlanItem
    {
        [$day, $choice, $terms] = [$this->washDays[$level], $this->choices[$level], $this->terrain->terms];
        $date = $this->start->date->modify("+{$day} days");
        $without = $this->reasons?->without($level, $this->means) ?? [];
        $movedBy = $this->before === null ? null : self::movedBy($choice, $this->before);
        $byHand = $terms->setByHand($date);
        $broken = RuleCatalogue::barring($choice, $this->standing);
        $head = $this->terrain->head;
        $before = $this->on($day - 1);
        $needs = new HeldBack($before);
        $held = $needs->sentences($choice, $this->options, $this->standing, $this->rules);
        $several = count($head->strata) > 1;

        return new PlanItem(
            $date,
            $day,
            $choice,
            $this->standing->exactMinutes($choice),
            [
                ...$this->saidFirst($level, $date),
                ...ReasonWording::reasons(
                    $without,
                    $movedBy,
                    $several,
                    $this->standing->limits(),
                    $byHand,
                    $held,
                    $needs->isOut(),
                ),
            ],
            $without,
            $movedBy,
            $broken,
            $this->isLook($level),
            $byHand,
            $byHand === null && $broken !== [] ? $this->conflict($date) : null,
            ExpectedBreakage::expected($this->on($day)->state, max(0, $day - $this->washedBefore), $this->ownBreakage),
            $terms->scalpPlan?->on($date),
            $level === 0 ? BarredTreatments::on($this->options, $this->standing) : [],
        );
    }

    /** @return list<Message> what there is to know of the day before any reason */
    private function saidFirst(int $level, DateTimeImmutable $date): array
    {
        [$choice, $terms] = [$this->choices[$level], $this->terrain->terms];

        return [
            ...ReasonWording::inParts($choice, $terms, $this->terrain->head),
            ...($this->isFirstLook($level) ? [ReasonWording::notReadYet()] : []),
            ...($this->isLookForProtein($level) ? [ReasonWording::lookFirst($choice)] : []),
            ...ReasonWording::occasions($terms, $date),
        ];
    }

    private function goOn(int $level): void
    {
        [$day, $choice] = [$this->washDays[$level], $this->choices[$level]];
        $until = $this->washDays[$level + 1] ?? $this->horizon + 1;
        $this->lastLook = $this->isLook($level) ? $day : $this->lastLook;
        $this->washedBefore = $day;
        $this->before = $this->standing;
        $washed = $this->terrain->washed($this->means, $choice, $day);
        $this->means = $this->terrain->afterDays($washed, $day, $until - $day, $this->terrain->seals($choice, $day));
        $this->standing = $this->standing->next(
            $choice,
            $until,
            $this->washDays[$level + 2] ?? null,
            $this->ahead->of($this->means, $until),
        );
    }

    private function on(int $day): Snapshot
    {
        return $this->forecast[$day] ?? $this->start;
    }

    private function isFirstLook(int $level): bool
    {
        return $level === 0 && $this->terrain->terms->notReadYet;
    }

    /** Whether the hair is to be looked at before this wash day is done as planned. */
    private function isLook(int $level): bool
    {
        $day = $this->washDays[$level];
        $limits = $this->standing->limits();
        $risk = OutOfBalanceRisk::of($this->on($day - 1)->state);

        return $this->isFirstLook($level)
            || $this->isLookForProtein($level)
            || $risk > $limits->lookAt && $day - $this->lastLook >= $limits->looksApartDays;
    }

    /** No second protein before somebody has read what the first did. */
    private function isLookForProtein(int $level): bool
    {
        $strongLater = array_filter(
            array_slice($this->choices, $level),
            static fn (WashOption $choice): bool => $choice->protein === StepKind::StrongProtein,
        ) !== [];

        return ! $this->standing->isReadSinceProtein()
            && ($this->choices[$level]->protein !== null || $level === 0 && $strongLater);
    }

    /** What bars even the best there was, and what would free the day. */
    private function conflict(DateTimeImmutable $date): RuleConflict
    {
        return RuleConflicts::on($date, $this->options, $this->standing, $this->rules);
    }

    /** The rule that kept the protein or the clarifying of this choice from coming one wash day earlier. */
    private static function movedBy(WashOption $choice, RuleContext $dayBefore): ?Rule
    {
        if ($choice->protein === null && ! $choice->cleanse->clarifies()) {
            return null;
        }

        return RuleCatalogue::barring($choice, $dayBefore)[0] ?? null;
    }
}
