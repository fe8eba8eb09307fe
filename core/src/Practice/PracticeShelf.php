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
    private const MASK = ['mask'];
    private const PROTEIN = ['mild-protein', 'strong-protein'];

    /** @return list<PracticeBottle> */
    public static function bottles(): array
    {
        return [
            new PracticeBottle(
                'soft-mask',
                self::MASK,
                'Aqua, Cetearyl Alcohol, Glycerin, Behentrimonium Methosulfate, Panthenol, Cetyl Alcohol, '
                    . 'Aloe Barbadensis Leaf Juice, Phenoxyethanol',
            ),
            new PracticeBottle(
                'repair-mask',
                self::MASK,
                'Aqua, Cetearyl Alcohol, Hydrolyzed Wheat Protein, Behentrimonium Methosulfate, Hydrolyzed Keratin, '
                    . 'Glycerin, Phenoxyethanol',
            ),
            new PracticeBottle(
                'butter-mask',
                self::MASK,
                'Aqua, Butyrospermum Parkii Butter, Cetearyl Alcohol, Cocos Nucifera Oil, Dimethicone, '
                    . 'Behentrimonium Chloride, Parfum',
            ),
            new PracticeBottle(
                'keratin-treatment',
                self::PROTEIN,
                'Aqua, Hydrolyzed Keratin, Hydrolyzed Wheat Protein, Panthenol, Cetyl Alcohol, Phenoxyethanol',
            ),
            new PracticeBottle(
                'strength-treatment',
                self::PROTEIN,
                'Aqua, Cetearyl Alcohol, Glycerin, Panthenol, Phenoxyethanol, Hydrolyzed Silk, Parfum',
            ),
        ];
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
