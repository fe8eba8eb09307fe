<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ShippedData;

/** The ingredients that are known by name, in every spelling, and how to find one in spite of a slip of the pen. */
final class IngredientBook
{
    /** Shorter names are never guessed. */
    private const SHORTEST_GUESSED = 7;

    /** From this length on two letters may be wrong. */
    private const TWO_SLIPS_FROM = 12;

    private static ?self $shipped = null;

    /** @var array<string, Ingredient> by key */
    private array $byKey = [];

    /** @var array<string, list<string>> all names an ingredient goes by, by its own */
    private array $names = [];

    /** @var array<string, true>|null found once, asked for often */
    private ?array $words = null;

    /** @var array<int, list<string>> keys by their length */
    private array $byLength = [];

    /**
     * @param iterable<array{
     *     Ingredient, list<string>,
     * }> $entries ingredients with their other names; the later stands before the earlier
     */
    private function __construct(iterable $entries)
    {
        foreach ($entries as [$ingredient, $also]) {
            foreach ([$ingredient->name, ...$also] as $name) {
                $this->byKey[IngredientName::key($name)] = $ingredient;
                $this->names[$ingredient->name][] = $name;
            }
        }
        foreach (array_keys($this->byKey) as $key) {
            // “aceite de lima” and “aceite de lino” share all but the letters that tell them apart.
            if (! str_contains((string) $key, ' de ')) {
                $this->byLength[strlen((string) $key)][] = (string) $key;
            }
        }
    }

    /** The book that ships, as core/data/ingredients.csv. */
    public static function shipped(): self
    {
        return self::$shipped ??= new self(self::file());
    }

    /** @param list<array{Ingredient, list<string>}> $taught what a salon added or sees otherwise */
    public static function with(array $taught): self
    {
        return $taught === [] ? self::shipped() : new self([...self::file(), ...$taught]);
    }

    /** @return list<Ingredient> each once, by name */
    public function ingredients(): array
    {
        $each = [];
        foreach ($this->byKey as $ingredient) {
            $each[$ingredient->name] = $ingredient;
        }
        ksort($each, SORT_FLAG_CASE | SORT_STRING);

        return array_values($each);
    }

    /** @return list<string> every name an ingredient goes by */
    public function namesOf(string $name): array
    {
        return $this->names[$name] ?? [$name];
    }

    /** @return array<string, true> every word that ingredients are called by, in the singular */
    public function words(): array
    {
        if ($this->words !== null) {
            return $this->words;
        }
        $words = [];
        foreach (array_keys($this->byKey) as $key) {
            foreach (IngredientName::words((string) $key) as $word) {
                $words[$word] = true;
            }
        }

        return $this->words = $words;
    }

    /** @return array{Ingredient, bool}|null the ingredient, and whether it is a guess at a misspelt name */
    public function find(string $listed): ?array
    {
        $ways = IngredientName::ways($listed);
        foreach ($ways as $way) {
            if (isset($this->byKey[$way])) {
                return [$this->byKey[$way], false];
            }
        }
        if (preg_match('/^(?:c ?i)? ?(\d{5})$/', $ways[0] ?? '', $number) === 1) {
            return [
                new Ingredient(
                    "CI {$number[1]}",
                    [IngredientFunction::Colourant],
                    source: 'published',
                    note: 'a colour index number',
                ),
                false,
            ];
        }
        foreach ($ways as $way) {
            $guess = $this->guess($way);
            if ($guess !== null) {
                return [$guess, true];
            }
        }

        return null;
    }

    /** The one ingredient whose name is nearest; null where none is near, or two are as near. */
    private function guess(string $way): ?Ingredient
    {
        $length = strlen($way);
        if ($length < self::SHORTEST_GUESSED) {
            return null;
        }
        $most = $length >= self::TWO_SLIPS_FROM ? 2 : 1;
        $digits = preg_replace('/\D+/', ' ', $way);
        $nearest = [];
        for ($of = $length - $most; $of <= $length + $most; $of++) {
            foreach ($this->byLength[$of] ?? [] as $key) {
                $apart = levenshtein($way, $key);
                // Numbers are never a slip: polyquaternium-10 is not polyquaternium-11.
                if ($apart <= $most && preg_replace('/\D+/', ' ', $key) === $digits) {
                    $nearest[$apart][$this->byKey[$key]->name] = $this->byKey[$key];
                }
            }
        }
        ksort($nearest);
        $best = reset($nearest);

        return $best === false || count($best) > 1 ? null : reset($best);
    }

    /** @return list<array{Ingredient, list<string>}> */
    private static function file(): array
    {
        $entries = [];
        $abroad = self::abroad();
        foreach (ShippedData::table('ingredients.csv') as $row) {
            $functions = array_values(array_filter(
                array_map(IngredientFunction::tryFrom(...), explode(' ', $row['functions'])),
            ));
            $entries[] = [
                new Ingredient(
                    $row['name'],
                    $functions,
                    $row['strength'],
                    $row['cap_percent'] === '' ? null : (float) $row['cap_percent'],
                    $row['source'],
                    $row['note'],
                ),
                [...$row['also'] === '' ? [] : explode('|', $row['also']), ...$abroad[$row['name']] ?? []],
            ];
        }

        return $entries;
    }

    /** @return array<string, list<string>> what ingredients and things of the kitchen are called in Spanish, by name */
    public static function abroad(): array
    {
        $names = [];
        foreach (ShippedData::table('names-es.csv') as $row) {
            $names[$row['name']] = explode('|', $row['also']);
        }

        return $names;
    }
}
