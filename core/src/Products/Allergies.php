<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** What a client must not have, as written down in the client’s own words, held against the names of ingredients. */
final readonly class Allergies
{
    /** @param list<list<string>> $phrases words of each that ingredients are called by */
    private function __construct(private array $phrases)
    {
    }

    public static function of(string $words, IngredientBook $book): self
    {
        $known = $book->words();
        $phrases = [];
        foreach (preg_split('/[,.;\n]|\band\b|\bor\b/u', $words) ?: [] as $phrase) {
            $named = array_values(array_filter(
                array_map(self::singular(...), explode(' ', IngredientName::key($phrase))),
                static fn (string $word): bool => strlen($word) > 2 && isset($known[$word]),
            ));
            if ($named !== []) {
                $phrases[] = $named;
            }
        }

        return new self($phrases);
    }

    public function isEmpty(): bool
    {
        return $this->phrases === [];
    }

    /** Whether an entry, by its printed or any known name, is what one of the phrases names. */
    public function name(ListedIngredient $entry, IngredientBook $book): bool
    {
        $words = [];
        foreach (
            [$entry->listed, ...$entry->ingredient === null ? [] : $book->namesOf($entry->ingredient->name)] as $name
        ) {
            foreach (explode(' ', IngredientName::key($name)) as $word) {
                $words[self::singular($word)] = true;
            }
        }
        foreach ($this->phrases as $phrase) {
            if (array_diff_key(array_flip($phrase), $words) === []) {
                return true;
            }
        }

        return false;
    }

    public static function singular(string $word): string
    {
        return strlen($word) > 3
            && str_ends_with($word, 's')
            && ! str_ends_with($word, 'ss')
            && ! str_ends_with($word, 'us')
            ? substr($word, 0, -1)
            : $word;
    }
}
