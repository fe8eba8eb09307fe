<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/**
 * What a client must not have, as written down in the client’s own words, held against the names of ingredients: by the
 * words of a name, and by words that mean many ({@see AllergyGroup}). What names no ingredient is kept as unread: nobody
 * may take silence for safety.
 */
final readonly class Allergies
{
    /** Words that say there are none, in the languages of the screens. */
    private const NONE = [
        'no', 'none', 'nil', 'nothing', 'not', 'n', 'na', 'nka', 'nkda', 'unknown', 'sin', 'nada', 'ninguna', 'ninguno',
        'niega', 'desconocida',
    ];

    /** Words that stand beside them and say nothing more. */
    private const BESIDE_NONE = [
        'a', 'allergy', 'allergie', 'any', 'known', 'yet', 'so', 'far', 'has', 'alergia', 'alergica', 'alergico', 'es',
        'conocida', 'conocido', 'se', 'le', 'conocen', 'tiene', 'refiere', 'hasta', 'ahora', 'por', 'que', 'sepamo',
    ];

    /** Words of names that mean nothing by themselves. */
    private const IDLE = [
        'the', 'with', 'from', 'for', 'del', 'las', 'los', 'con', 'por', 'para', 'una', 'sin', 'que', 'may',
    ];

    /** Beside a word that means many these make it no narrower: wheat proteins, nut oil. */
    private const PARTS = [
        'oil', 'protein', 'extract', 'butter', 'seed', 'wax', 'water', 'powder', 'acid', 'kernel', 'aceite', 'proteina',
        'extracto', 'manteca', 'semilla', 'cera', 'agua', 'acido', 'strong', 'mild', 'natural',
    ];

    /**
     * @param list<array{groups: list<AllergyGroup>, words: list<string>}> $phrases what each names: groups, and words
     *                                                                              that all stand in a name
     * @param list<string> $unread what names nothing that is known, as it was written
     */
    private function __construct(private array $phrases, public array $unread)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    public static function of(string $words, IngredientBook $book): self
    {
        $phrases = $unread = [];
        foreach (preg_split('/[,.;\n]|\band\b|\bor\b|(?<=\s)[yo](?=\s)/u', $words) ?: [] as $written) {
            $said = IngredientName::words($written);
            if ($said === [] || self::saysNone($said)) {
                continue;
            }
            $phrase = self::phrase($said, $book);
            if ($phrase === null) {
                $unread[] = trim((string) preg_replace('/\s+/u', ' ', $written));
            } else {
                $phrases[] = $phrase;
            }
        }

        return new self($phrases, $unread);
    }

    /** @param non-empty-list<string> $said */
    private static function saysNone(array $said): bool
    {
        return array_intersect($said, self::NONE) !== [] && array_diff($said, self::NONE, self::BESIDE_NONE) === [];
    }

    /**
     * @param non-empty-list<string> $said
     *
     * @return array{groups: list<AllergyGroup>, words: list<string>}|null null where it names nothing that is known
     */
    private static function phrase(array $said, IngredientBook $book): ?array
    {
        $groups = $spoken = [];
        foreach (AllergyGroup::shipped() as $group) {
            $found = $group->saidIn($said);
            if ($found !== []) {
                $groups[] = $group;
                $spoken = [...$spoken, ...$found];
            }
        }
        $known = $book->words();
        $words = array_values(array_filter(
            array_diff($said, self::IDLE, $groups === [] ? [] : [...$spoken, ...self::PARTS]),
            static fn (string $word): bool => strlen($word) > 2 && isset($known[$word]),
        ));

        return $groups === [] && $words === [] ? null : ['groups' => $groups, 'words' => $words];
    }

    /** Whether nothing was written down but that there is nothing. */
    public function isEmpty(): bool
    {
        return $this->phrases === [] && $this->unread === [];
    }

    /** Whether an entry, by its printed or any known name, is what one of the phrases names. */
    public function name(ListedIngredient $entry, IngredientBook $book): bool
    {
        if ($this->phrases === []) {
            return false;
        }
        $names = [$entry->listed, ...$entry->ingredient === null ? [] : $book->namesOf($entry->ingredient->name)];
        $words = array_merge(...array_map(IngredientName::words(...), $names));
        foreach ($this->phrases as $phrase) {
            if ($phrase['words'] !== [] && array_diff($phrase['words'], $words) === []) {
                return true;
            }
            foreach ($phrase['groups'] as $group) {
                if ($group->holds($entry, $names)) {
                    return true;
                }
            }
        }

        return false;
    }
}
