<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** Spellings of one name brought down to one: case, accents, signs, US and EU spelling. */
final class IngredientName
{
    private const SPELLINGS = [
        'sulph' => 'sulf', 'hydrolys' => 'hydrolyz', 'colour' => 'color', 'flavour' => 'flavor',
        'glycerine' => 'glycerin', 'aluminium' => 'aluminum', 'tocopherol acetate' => 'tocopheryl acetate',
        'fibre' => 'fiber', 'polymerised' => 'polymerized', 'oestr' => 'estr',
    ];

    /** Words of praise that change nothing of what it is. */
    private const PRAISE = '/\b(organic|certified|natural|naturally derived|pure|raw|extra|virgin|unrefined|refined|cold '
        . 'pressed|wildcrafted|fair trade|bio|organic[oa]|ecologic[oa]|biologic[oa]|certificad[oa]|pur[oa]|virgen|refinad[oa]|sin '
        . 'refinar|crud[oa]|prensad[oa] en frio)\b/';

    private const ACCENTS = [
        'á' => 'a', 'à' => 'a', 'â' => 'a', 'ä' => 'a', 'ã' => 'a', 'å' => 'a', 'ç' => 'c', 'é' => 'e', 'è' => 'e',
        'ê' => 'e', 'ë' => 'e', 'í' => 'i', 'ì' => 'i', 'î' => 'i', 'ï' => 'i', 'ñ' => 'n', 'ó' => 'o', 'ò' => 'o',
        'ô' => 'o', 'ö' => 'o', 'õ' => 'o', 'ú' => 'u', 'ù' => 'u', 'û' => 'u', 'ü' => 'u', 'ý' => 'y', 'æ' => 'ae',
        'œ' => 'oe', 'ß' => 'ss', '&' => ' and ',
    ];

    /** @return list<string> its words, each in the singular */
    public static function words(string $name): array
    {
        $key = self::key($name);

        return $key === '' ? [] : array_map(self::singular(...), explode(' ', $key));
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

    public static function key(string $name): string
    {
        $key = strtr(mb_strtolower($name), self::ACCENTS);
        $key = trim((string) preg_replace('/[^a-z0-9]+/', ' ', $key));

        return strtr($key, self::SPELLINGS);
    }

    /**
     * The ways one printed entry can be meant: without what stands in brackets, only that, all of it, each side of a
     * slash, without praise.
     *
     * @return list<string> keys, the likeliest first
     */
    public static function ways(string $listed): array
    {
        $without = (string) preg_replace('/[(\[{][^)\]}]*[)\]}]/u', ' ', $listed);
        preg_match_all('/[(\[{]([^)\]}]*)[)\]}]/u', $listed, $brackets);
        $ways = [self::key($listed), self::key($without), ...array_map(self::key(...), $brackets[1])];
        if (str_contains($without, '/')) {
            $ways = [...$ways, ...array_map(self::key(...), explode('/', $without))];
        }
        foreach ($ways as $way) {
            $plain = trim((string) preg_replace('/\s+/', ' ', (string) preg_replace(self::PRAISE, '', $way)));
            $ways[] = $plain;
        }

        return array_values(array_filter(array_unique($ways), static fn (string $way): bool => strlen($way) > 1));
    }
}
