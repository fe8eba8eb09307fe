<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\BottleReading;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Treatments\BottlesInUse;

/** The bottles of the practice chair, all made up: masks and proteins that do not all do what they are called. */
final class PracticeShelf
{
    /** Kinds of step by what a bottle is for. */
    private const STEPS = ['mask' => ['mask'], 'protein' => ['mild-protein', 'strong-protein']];

    /** @return list<PracticeBottle> */
    public static function bottles(): array
    {
        $bottles = [];
        foreach (PracticeLabels::of('bottle') as $name => [$for, $ingredients]) {
            $bottles[] = new PracticeBottle($name, self::STEPS[$for] ?? [], $ingredients);
        }

        return $bottles;
    }

    /**
     * @param list<string|null> $names of bottles that are used; what is not on the shelf is as usual
     *
     * @throws InvalidIngredientList never: what ships can be read
     */
    public static function inUse(array $names, Parameters $parameters): BottlesInUse
    {
        $byStep = [];
        foreach (self::bottles() as $bottle) {
            if (in_array($bottle->name, $names, true)) {
                $reading = ProductAnalysis::of($bottle->ingredients, IngredientBook::shipped(), $parameters->products);
                $byStep += array_fill_keys($bottle->steps, BottleReading::contents($reading, $parameters->contents));
            }
        }

        return new BottlesInUse($byStep);
    }
}
