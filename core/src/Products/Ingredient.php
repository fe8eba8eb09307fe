<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** One entry of the ingredient book. */
final readonly class Ingredient
{
    /**
     * @param list<IngredientFunction> $functions
     * @param string $strength of a protein or surfactant: mild, medium or strong; of a film former or silicone what
     *     takes it off: water, gentle,
     * shampoo or clarifying; of a humectant medium or high; '' for the others
     * @param float|null               $capPercent most that a rule allows, in % by weight; null for none
     * @param string                   $source     published, common-practice, memory or taught
     */
    public function __construct(
        public string $name,
        public array $functions,
        public string $strength = '',
        public ?float $capPercent = null,
        public string $source = 'taught',
        public string $note = '',
    ) {
    }

    public function does(IngredientFunction ...$functions): bool
    {
        foreach ($functions as $function) {
            if (in_array($function, $this->functions, true)) {
                return true;
            }
        }

        return false;
    }
}
