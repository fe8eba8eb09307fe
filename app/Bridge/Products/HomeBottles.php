<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Product;
use DateTimeImmutable;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;

/** The client's own bottles in a day at home: what the home routine names, and what a tick on it was done with. */
final readonly class HomeBottles
{
    public function __construct(
        private BottleChooser $bottleChooser,
        private ClientShelves $clientShelves,
    ) {
    }

    /**
     * @param list<Step> $steps as planned
     *
     * @return list<Step> the same, each with the client's own bottle that does it, where there is one
     */
    public function in(Head $head, array $steps, DateTimeImmutable $on): array
    {
        if (Product::query()->where('head_id', $head->id)->doesntExist()) {
            return $steps;
        }
        $bottles = $this->bottleChooser->ofSteps($this->clientShelves->of($head), $steps, $on, Place::Home);

        return array_map(
            static fn (Step $step, int $i): Step => $step->from($bottles[$i]->product->name ?? $step->product),
            $steps,
            array_keys($steps),
        );
    }
}
