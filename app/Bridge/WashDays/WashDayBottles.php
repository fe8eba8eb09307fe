<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\BottleChooser;
use App\Bridge\Products\ChosenBottle;
use App\Bridge\Products\ClientShelves;
use App\Bridge\Products\ProductNeeds;
use App\Models\Head;
use App\Models\PlanItem;
use DateTimeImmutable;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\WashDayStep;

/** The bottles of the salon that a client's next wash day is done with. */
final readonly class WashDayBottles
{
    public function __construct(
        private BottleChooser $bottleChooser,
        private ClientShelves $clientShelves,
        private ProductNeeds $productNeeds,
    ) {
    }

    /** @return array<string, ChosenBottle> by kind of product, of all kinds */
    public function of(Head $head): array
    {
        $head->loadMissing('salon');
        /** @var PlanItem|null $item */
        $item = $head->planItems()->where('status', 'planned')->first();

        return $this->forSteps(
            $head,
            array_values(StoredSteps::of($item->steps ?? [])),
            Calendar::dayOf($item->date ?? $head->salon->today()),
        );
    }

    /** @return array<string, ChosenBottle> by kind of product, of those that the next wash day takes */
    public function next(Head $head): array
    {
        /** @var PlanItem|null $item */
        $item = $head->planItems()->where('status', 'planned')->first();

        return $item === null ? [] : array_intersect_key($this->of($head), $this->productNeeds->kindsOf($item->steps));
    }

    /**
     * @param list<Step> $day
     *
     * @return array<string, ChosenBottle> by kind of product, of all kinds
     */
    public function forSteps(Head $head, array $day, DateTimeImmutable $on): array
    {
        $shelf = $this->clientShelves->of($head);
        $chosen = [];
        foreach (ProductKind::cases() as $kind) {
            $steps = array_filter($day, static fn (Step $step): bool => ProductKind::of($step) === $kind);
            $chosen[$kind->value] = $this->bottleChooser->of(
                $shelf,
                $kind,
                array_values($steps)[0] ?? null,
                $day,
                $on,
                Place::Salon,
            );
        }

        return $chosen;
    }

    /**
     * Each by what it does itself: it may never be done, and is none of the day's.
     *
     * @param list<WashDayStep> $steps that can be put in
     *
     * @return array<string, ChosenBottle> by key of the step, of those that take a product
     */
    public function forPalette(Head $head, array $steps, DateTimeImmutable $on): array
    {
        $shelf = $this->clientShelves->of($head);
        $chosen = [];
        foreach ($steps as $step) {
            if ($step->uses !== null) {
                $chosen[$step->key] = $this->bottleChooser->of(
                    $shelf,
                    $step->uses,
                    $step->books,
                    $step->books === null ? [] : [$step->books],
                    $on,
                    Place::Salon,
                );
            }
        }

        return $chosen;
    }
}
