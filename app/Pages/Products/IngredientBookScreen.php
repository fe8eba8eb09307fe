<?php

declare(strict_types=1);

namespace App\Pages\Products;

use App\Bridge\Products\SalonIngredients;
use App\Models\Salon;
use App\Models\TaughtIngredient;
use Nagomi\Core\Products\Ingredient;
use Nagomi\Core\Products\IngredientFunction;
use Nagomi\Core\Products\IngredientName;

/** The ingredient book of a salon, to be looked up and set right. */
final readonly class IngredientBookScreen
{
    private const SHOWN = 60;

    public function __construct(
        private SalonIngredients $salonIngredients,
    ) {
    }


    public function of(Salon $salon, string $search, string $function): IngredientBookPage
    {
        $book = $this->salonIngredients->of($salon);
        $taught = TaughtIngredient::query()->where('salon_id', $salon->id)->pluck('id', 'name')->all();
        $wanted = IngredientFunction::tryFrom($function);
        $key = IngredientName::key($search);
        $isCalled = fn (string $name): bool => str_contains(IngredientName::key($name), $key);
        $isMeant = fn (Ingredient $one): bool => ($wanted === null || $one->does($wanted))
            && ($key === '' || array_filter($book->namesOf($one->name), $isCalled) !== []);
        $found = array_values(array_filter($book->ingredients(), $isMeant));

        return new IngredientBookPage(
            search: $search,
            function: $wanted->value ?? '',
            count: count($found),
            all: count($book->ingredients()),
            rows: array_map(fn (Ingredient $one): array => [
                'name' => $one->name,
                'also' => array_values(array_diff($book->namesOf($one->name), [$one->name])),
                'functions' => array_map(fn (IngredientFunction $of): string => $of->value, $one->functions),
                'strength' => $one->strength,
                'cap' => $one->capPercent,
                'source' => $one->source,
                'note' => $one->note,
                'taught' => $taught[$one->name] ?? null,
            ], array_slice($found, 0, self::SHOWN)),
        );
    }
}
