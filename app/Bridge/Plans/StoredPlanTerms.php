<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use App\Models\PlanItem;
use App\Wording\PromisedTreatments;
use App\Wording\Said;
use App\Wording\Words;
use DomainException;
use InvalidArgumentException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Wish;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Record\PlanTermsFields;
use Nagomi\Core\Record\RecordProblem;

/** The terms of a head's season as the page shows them and as they are kept, in the shape of the care record. */
final readonly class StoredPlanTerms
{
    public function __construct(private Parameters $parameters)
    {
    }

    /**
     * @param array<string, mixed> $changes by name of the record's fields; null takes a field out
     *
     * @return array<string, mixed>
     *
     * @throws InvalidArgumentException with what is wrong, one sentence a line
     */
    public function with(Head $head, array $changes): array
    {
        $season = array_filter(
            $changes + ($head->season ?? []),
            fn (mixed $value): bool => $value !== null && $value !== [],
        );
        try {
            return PlanTermsFields::write(PlanTermsFields::fromArray($season, $this->parameters->washDay));
        } catch (InvalidRecord $invalid) {
            throw new InvalidArgumentException(
                implode("\n", array_map(
                    fn (RecordProblem $problem): string => ucfirst(Said::of($problem->instead)),
                    $invalid->problems,
                )),
                previous: $invalid,
            );
        }
    }

    /** @return array<string, mixed> */
    public function withoutByHand(Head $head, string $date): array
    {
        $kept = array_filter($this->byHand($head), fn (array $set): bool => ($set['date'] ?? null) !== $date);

        return $this->with($head, ['by_hand' => array_values($kept)]);
    }

    /** @return list<array<string, mixed>> */
    public function byHand(Head $head): array
    {
        /** @var list<array<string, mixed>> $set */
        $set = is_array($head->season['by_hand'] ?? null) ? array_values($head->season['by_hand']) : [];

        return $set;
    }

    /** @return array<string, mixed> the season with one wish more */
    public function wishing(Head $head, Wish $wish): array
    {
        return PlanTermsFields::write(
            PlanTermsFields::fromArray($head->season ?? [], $this->parameters->washDay)->wishing($wish),
        );
    }

    /**
     * @return array<string, mixed> the season without the wish at a place
     *
     * @throws DomainException where there is none
     */
    public function withoutWish(Head $head, int $place): array
    {
        $wishes = is_array($head->season['wishes'] ?? null) ? array_values($head->season['wishes']) : [];
        if (! isset($wishes[$place])) {
            throw new DomainException(Words::say('wishes.wrong.gone'));
        }
        unset($wishes[$place]);

        return $this->with($head, ['wishes' => array_values($wishes)]);
    }

    /** @return list<array{date: string, treatment: string}> every treatment of the plan as it stands */
    public function treatments(Head $head): array
    {
        $promised = [];
        /** @var iterable<PlanItem> $items */
        $items = $head->planItems()->where('status', 'planned')->get();
        foreach ($items as $item) {
            foreach (PromisedTreatments::of($item) as $treatment) {
                $promised[] = ['date' => $item->date->format('Y-m-d'), 'treatment' => $treatment];
            }
        }

        return $promised;
    }

    /**
     * @param list<array{date: string, treatment: string}> $promised
     *
     * @return array<string, mixed> the season with these promised
     */
    public function promised(Head $head, array $promised): array
    {
        return $this->with($head, ['promised' => $promised]);
    }

    /** @return array<string, mixed> */
    public function released(Head $head): array
    {
        return $this->with($head, ['promised' => null]);
    }
}
