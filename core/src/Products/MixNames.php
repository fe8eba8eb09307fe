<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ProductParameters;
use Nagomi\Core\Parameters\ShippedData;

/**
 * Tells by its name what a part of a mix is: from the ingredient book, from the kitchen (core/data/household.csv, common
 * practice), and plants called by their name alone, which in a mix mean their essential oil. What is not known to be
 * harmless is not taken for it: a name that only looks like a known one is unknown, or the essential oil it looks like.
 */
final class MixNames
{
    /** Words that say no more of an essential oil than which part of the plant it is from. */
    private const BESIDE = '/\b(essential|oil|oils|eo|of|drops?|leaf|leaves|flowers?|buds?|peel|bark|fruit|roots?|seeds?|wood'
        . '|pure|organic|steam|distilled|absolute|aceites?|esencial(?:es)?|esencia|de|del|gotas?|hojas?|flor(?:es)?|puro'
        . '|corteza|organico|absoluto)\b/';

    /** Whatever does one of these is not harmless by itself. */
    private const NOT_HARMLESS = [
        IngredientFunction::EssentialOil,
        IngredientFunction::Fragrance,
        IngredientFunction::FragranceAllergen,
        IngredientFunction::Sensitiser,
        IngredientFunction::FormaldehydeReleaser,
        IngredientFunction::DryingAlcohol,
        IngredientFunction::Acid,
        IngredientFunction::ScalpActive,
        IngredientFunction::Preservative,
        IngredientFunction::UvFilter,
    ];

    /** @var array<string, array{MixKind, float|null}>|null kitchen, by key */
    private static ?array $household = null;

    /** @var array<string, string> name of the essential oil, by the plant's name alone */
    private array $plants = [];

    public function __construct(private readonly IngredientBook $book, private readonly ProductParameters $parameters)
    {
        foreach ($book->ingredients() as $ingredient) {
            if ($ingredient->does(IngredientFunction::EssentialOil)) {
                foreach ($book->namesOf($ingredient->name) as $name) {
                    $this->plants[self::plant($name)] = $ingredient->name;
                }
            }
        }
        unset($this->plants['']);
    }

    /** @param float $percent of the mix */
    public function part(string $name, float $percent): MixPart
    {
        [$kind, $most] = $this->kind($name);

        return new MixPart($name, $percent, $kind, $most);
    }

    /** @return array{MixKind, float|null} what it is, and the most of it in % where it has a limit of its own */
    private function kind(string $name): array
    {
        $household = self::household()[IngredientName::key($name)] ?? null;
        if ($household !== null) {
            return $household;
        }
        $essential = $this->essentialOil($name);
        if ($essential !== null) {
            return [MixKind::EssentialOil, $this->parameters->essentialOilMostOf[$essential] ?? null];
        }
        [$found, $isGuess] = $this->book->find($name) ?? [null, true];
        if ($found === null || $isGuess) {
            return [MixKind::Unknown, null];
        }
        $harms = $found->does(...self::NOT_HARMLESS);

        return $harms && $found->capPercent === null
            ? [MixKind::Unknown, null]
            : [self::byFunction($found), $found->capPercent];
    }

    /** The essential oil that is meant, by its own name; '' for one the book does not know; null where it is none. */
    private function essentialOil(string $name): ?string
    {
        [$found] = $this->book->find($name) ?? [null];
        if ($found?->does(IngredientFunction::EssentialOil) === true) {
            return $found->name;
        }
        $key = IngredientName::key($name);
        $plant = self::plant($name);

        return $this->plants[$plant] ?? (preg_match('/\b(essential|eo|absolute|esencial(?:es)?|esencia|absoluto)\b/', $key) === 1 ? '' : null);
    }

    private static function plant(string $name): string
    {
        $plant = (string) preg_replace(self::BESIDE, ' ', IngredientName::key($name));

        return trim((string) preg_replace('/\s+/', ' ', $plant));
    }

    private static function byFunction(Ingredient $ingredient): MixKind
    {
        return match (true) {
            $ingredient->does(
                IngredientFunction::PenetratingOil,
                IngredientFunction::MixedOil,
                IngredientFunction::SealingOil,
                IngredientFunction::Butter,
                IngredientFunction::Silicone,
                IngredientFunction::Volatile,
                IngredientFunction::Antioxidant,
            ) => MixKind::Oil,
            $ingredient->does(IngredientFunction::Clay) => MixKind::Dry,
            default => MixKind::Water,
        };
    }

    /** @return array<string, array{MixKind, float|null}> */
    private static function household(): array
    {
        if (self::$household !== null) {
            return self::$household;
        }
        $household = [];
        $abroad = IngredientBook::abroad();
        foreach (ShippedData::table('household.csv') as $row) {
            $names = [
                $row['name'], ...$row['also'] === '' ? [] : explode('|', $row['also']), ...$abroad[$row['name']] ?? [],
            ];
            foreach ($names as $name) {
                $household[IngredientName::key($name)] = [
                    MixKind::from($row['kind']),
                    $row['most_percent'] === '' ? null : (float) $row['most_percent'],
                ];
            }
        }

        return self::$household = $household;
    }
}
