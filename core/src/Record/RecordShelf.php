<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use DateTimeImmutable;
use Nagomi\Core\Climate\DewPoint;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\BottleCandidate;
use Nagomi\Core\Products\BottleChoice;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\BottleNeed;
use Nagomi\Core\Products\BottleProfile;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\ShelfBottle;
use Nagomi\Core\Products\ShelfCandidates;
use Nagomi\Core\Products\SuitabilityContext;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\StyledDay;
use Nagomi\Core\WashDay\StyledDays;
use Nagomi\Core\WashDay\WashDayStep;
use Nagomi\Core\WashDay\WhatWorked;

/** The bottles of a shelf for the next wash day of a record: which a step is done with, and why. */
final readonly class RecordShelf
{
    private const ADULT_AT_YEARS = 18;

    private ShelfCandidates $candidates;

    /** @var array<string, list<BottleCandidate>> by kind */
    private array $bottles;

    /** @var list<string> names of the bottles that went with the best wash days */
    private array $best;

    /**
     * @param list<ShelfBottle> $shelf
     *
     * @throws InvalidIngredientList where a list cannot be read
     */
    public function __construct(
        private CareRecord $record,
        private DateTimeImmutable $today,
        array $shelf,
        IngredientBook $book,
    ) {
        $density = $record->intake['density'] ?? null;
        $this->candidates = new ShelfCandidates(
            $this->wearer($book),
            $book,
            $record->head->parameters,
            is_string($density) ? $density : 'medium',
        );
        $known = array_flip(array_merge([], ...array_map(self::names(...), $record->washDays)));
        $bottles = [];
        foreach ($shelf as $bottle) {
            $bottles[$bottle->kind->value][] = $this->candidates->of($bottle, isset($known[$bottle->name]));
        }
        $this->bottles = $bottles;
        $this->best = WhatWorked::of(array_map(static fn (StyledDay $styled): array => [
            'score' => $styled->score, 'with' => self::names($styled->day),
        ], $this->styled()), $record->head->parameters->washDay)->wentWithBest();
    }

    /**
     * @param list<WashDayStep> $steps of the whole wash day
     *
     * @return array<string, mixed> amount, and the bottle with its reasons, of a step; nothing where it takes none
     */
    public function ofStep(WashDayStep $step, array $steps, DateTimeImmutable $on): array
    {
        if ($step->uses === null) {
            return [];
        }
        $choice = $this->choose($step->uses, $steps, $on);

        return [
            'ml' => round($this->candidates->ml($step->uses), 1),
            'product' => $choice->taken?->name,
            'because' => $choice->because?->value,
            'passed_over' => array_map(static fn (array $passed): array => [
                'product' => $passed[0]->name, 'why' => $passed[1]->value,
            ], $choice->passed),
            'nearest' => $choice->nearest?->name,
        ];
    }

    /** @param list<WashDayStep> $steps */
    private function choose(ProductKind $kind, array $steps, DateTimeImmutable $on): BottleChoice
    {
        $head = $this->record->head;
        $ml = $this->candidates->ml($kind);
        $day = $of = [];
        foreach ($steps as $step) {
            if ($step->books !== null) {
                $day[] = $step->books;
                $of = $step->uses === $kind ? [...$of, $step->books] : $of;
            }
        }
        $bottles = $this->bottles[$kind->value] ?? [];
        $worked = array_values(array_filter($bottles, fn (BottleCandidate $one): bool
            => ! in_array($one->refusal, [BottleMiss::NotRead, BottleMiss::MostlyUnknown], true)
                && in_array($one->name, $this->best, true)));

        return BottleChoice::of(
            $bottles,
            $of === [] ? new BottleNeed($kind, $on, $ml) : BottleNeed::of(
                $of[0],
                $day,
                $kind,
                $on,
                $ml * BottleNeed::times($kind, $of[0], $day),
                $head->proteinSensitive || $head->method->says(MethodQuestion::Protein, 'avoided'),
            ),
            array_map(static fn (BottleCandidate $one): BottleProfile => $one->profile, $worked),
            array_map(static fn (BottleCandidate $one): string => $one->id, $worked),
            $this->isSpared($on),
            $head->parameters->contents,
        );
    }

    private function isSpared(DateTimeImmutable $on): bool
    {
        $until = $on->modify("+{$this->record->head->parameters->planning->beforeADayThatCountsDays} days");

        return array_filter($this->record->terms->occasions, static fn (Occasion $one): bool
            => $one->kind === OccasionKind::BestDay && $one->from >= $on && $one->from <= $until) !== [];
    }

    /** @return list<StyledDay> */
    private function styled(): array
    {
        $washDays = $this->record->washDaysUntil($this->today);

        return StyledDays::of($washDays, $this->record->readings, $this->record->head->parameters->washDay);
    }

    private function wearer(IngredientBook $book): SuitabilityContext
    {
        $head = $this->record->head;
        $intake = $this->record->intake;
        $age = $head->ageOn($this->today);
        $humidity = $this->record->air[$this->today->format('m-d')] ?? $head->humidityPercent;

        return new SuitabilityContext(
            $head,
            Allergies::of(is_string($intake['allergies'] ?? null) ? $intake['allergies'] : '', $book),
            ($intake['asthma_or_pregnant'] ?? false) === true || $age !== null && $age < self::ADULT_AT_YEARS,
            DewPoint::celsius(DewPoint::ROOM_CELSIUS, max(1.0, $humidity)),
            $age !== null && $age < $head->parameters->planning->childUntilYears,
        );
    }

    /** @return list<string> products of a wash day */
    private static function names(WashDay $day): array
    {
        return array_values(array_filter(array_map(static fn (Step $step): ?string => $step->product, $day->steps)));
    }
}
