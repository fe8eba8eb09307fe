<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Plans\SalonDays;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\BottleChooser;
use App\Bridge\Products\ChosenBottle;
use App\Bridge\Products\ClientShelf;
use App\Bridge\Products\ClientShelves;
use App\Bridge\Products\ProductNeeds;
use App\Models\Head;
use App\Models\PlanItem;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;

/**
 * The bottles of the wash days planned for the next two weeks, in words: the salon's on days that are booked, the
 * client's own on the others. Further ahead nobody knows what will be left.
 */
final readonly class PlannedBottles
{
    public function __construct(
        private BottleChanges $bottleChanges,
        private BottleChooser $bottleChooser,
        private ClientShelves $clientShelves,
    ) {
    }

    /**
     * @param Collection<int, PlanItem> $planned of this client
     *
     * @return array<int, array<int, array{says: string, missing: bool}>> by id of the item and place of the step; steps
     *     that take no bottle are left out, and where nobody keeps any; missing: there is one of the kind, and none does it
     */
    public function of(Head $head, Collection $planned): array
    {
        $until = $head->salon->today()->addDays(ProductNeeds::DAYS - 1);
        $soon = $planned->filter(fn (PlanItem $item): bool => $item->date->lessThanOrEqualTo($until));
        if ($soon->isEmpty()) {
            return [];
        }
        $shelf = $this->clientShelves->of($head);
        $inSalon = SalonDays::of($head, $planned);

        return $soon->mapWithKeys(fn (PlanItem $item): array => [
            $item->id => $this->ofItem(
                $shelf,
                $item,
                in_array($item->id, $inSalon, true) || $shelf->own === [] ? Place::Salon : Place::Home,
            ),
        ])->all();
    }

    /** @return array<int, array{says: string, missing: bool}> by place of the step */
    public function inSalon(Head $head, PlanItem $item): array
    {
        return $this->ofItem($this->clientShelves->of($head), $item, Place::Salon);
    }

    /** @return array<int, array{says: string, missing: bool}> */
    private function ofItem(ClientShelf $shelf, PlanItem $item, Place $place): array
    {
        $day = StoredSteps::of($item->steps);
        $bottles = $this->bottleChooser->ofSteps($shelf, $day, Calendar::dayOf($item->date), $place);

        return array_filter(array_map(
            fn (ChosenBottle $bottle): ?array => $this->said($shelf->head, $bottle, array_values($day), $place),
            $bottles,
        ));
    }

    /**
     * @param list<Step> $day
     *
     * @return array{says: string, missing: bool}|null
     */
    private function said(Head $head, ChosenBottle $bottle, array $day, Place $place): ?array
    {
        if ($bottle->product !== null) {
            return [
                'says' => implode(' ', array_filter([
                    Words::say("bottles.takes.{$place->value}", [
                        'name' => $bottle->product->name, 'ml' => $bottle->ml,
                    ]),
                    $bottle->patchTest,
                    $bottle->because,
                ])),
                'missing' => false,
            ];
        }

        return $bottle->lacks() === '' ? null : [
            'says' => trim("{$bottle->lacks()} {$this->bottleChanges->nearest($head, $bottle, $day)}"),
            'missing' => $bottle->missing !== '',
        ];
    }
}
