<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ShippedData;

/**
 * One word of an allergy list that means many ingredients, none of which need be called by it: “nuts”, “fragrance”,
 * “parabens” (core/data/allergy-groups.csv, with what each row rests on).
 */
final readonly class AllergyGroup
{
    /**
     * @param list<list<string>>       $said      what it is called in an allergy list, as words in the singular
     * @param list<IngredientFunction> $functions whatever does one of these belongs to it
     * @param list<string>             $contains  whatever is called by one of these does; * before it: by its ending
     */
    private function __construct(
        private array $said,
        private array $functions,
        private array $contains,
    ) {
    }

    /** @return list<self> all that ship */
    public static function shipped(): array
    {
        static $groups = null;
        /** @var list<self>|null $groups */
        $split = static fn (string $of): array => $of === '' ? [] : explode('|', $of);

        return $groups ??= array_map(static fn (array $row): self => new self(
            array_map(IngredientName::words(...), $split($row['words'])),
            array_map(IngredientFunction::from(...), $row['functions'] === '' ? [] : explode(' ', $row['functions'])),
            array_map(
                static fn (string $one): string => implode(' ', IngredientName::words($one))
                    . ' ' . (str_starts_with($one, '*') ? '*' : ''),
                $split($row['contains']),
            ),
        ), ShippedData::table('allergy-groups.csv'));
    }

    /**
     * @param list<string> $words of one entry of an allergy list, in the singular
     *
     * @return list<string> those of them that name the group; none where it is not meant
     */
    public function saidIn(array $words): array
    {
        $text = ' ' . implode(' ', $words) . ' ';
        $found = [];
        foreach ($this->said as $said) {
            if (str_contains($text, ' ' . implode(' ', $said) . ' ')) {
                $found = [...$found, ...$said];
            }
        }

        return $found;
    }

    /** @param list<string> $names all that the entry is called by */
    public function holds(ListedIngredient $entry, array $names): bool
    {
        if ($this->functions !== [] && $entry->ingredient?->does(...$this->functions) === true) {
            return true;
        }
        foreach ($names as $name) {
            $text = ' ' . implode(' ', IngredientName::words($name)) . ' ';
            foreach ($this->contains as $one) {
                if (str_contains($text, str_ends_with($one, '*') ? rtrim($one, '*') : " {$one}")) {
                    return true;
                }
            }
        }

        return false;
    }
}
