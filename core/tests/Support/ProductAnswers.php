<?php

declare(strict_types=1);

namespace Nagomi\Core\Tests\Support;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\Dose;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientListing;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\InvalidMix;
use Nagomi\Core\Products\LabelClaim;
use Nagomi\Core\Products\Mix;
use Nagomi\Core\Products\MixKind;
use Nagomi\Core\Products\MixPart;
use Nagomi\Core\Products\MixUse;
use Nagomi\Core\Products\ProductAnalysis;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Suitability;
use Nagomi\Core\Products\SuitabilityContext;

/** What is said of a shelf of made-up products: lists, claims, who they suit, doses, mixes and refusals. */
final class ProductAnswers
{
    private const LISTS = [
        'mask' => 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Butyrospermum Parkii (Shea) Butter*, Cocos Nucifera Oil, '
            . 'Glycerin, Panthenol, Parfum, Phenoxyethanol, Citric Acid, Linalool. * organic',
        'protein' => "INGREDIENTS (INCI): Water/Aqua\nHydrolyzed Keratin\nHydrolysed Wheat Protein\nCetyl Alcohol\nGlycerine\n"
            . "Phenoxyethanol\nSodium Benzoate",
        'protein-low' => 'Aqua; Glycerin; Cetearyl Alcohol; Phenoxyethanol; Hydrolyzed Keratin; Silk Amino Acids',
        'shampoo' => 'Aqua, Sodium Laureth Sulfate, Cocamidopropyl Betaine, Sodium Chloride, Glycerin, Parfum, '
            . 'Disodium EDTA, Sodium Benzoate, CI 19140, C.I. 42090',
        'gentle' => 'Aqua, Decyl Glucoside, Coco-Glucoside, Aloe Barbadensis Leaf Juice 2.5%, Glycerin (1,5 %), Citric Acid',
        'styler' => 'Aqua, PVP, VP/VA Copolymer, 1,2-Hexanediol, Carbomer, Alcohol Denat., Dimethicone, Amodimethicone, '
            . 'Polyquaternium-10, Polyquaternium-11 [+/- Mica, Titanium Dioxide]',
        'oil' => 'Ricinus Communis Seed Oil, Simmondsia Chinensis Seed Oil, Lavandula Angustifolia Oil, Limonene, Tocopherol',
        'butter' => 'Butyrospermum Parkii Butter, Theobroma Cacao Seed Butter, Cera Alba, Lanolin, Mentha Piperita Oil',
        'active' => "Drug Facts: Active ingredient:\nSalicylic Acid 2%\nInactive ingredients: Water, Sodium Lauryl Sulfate, "
            . 'Bentonite, Methylparaben, Fragrance',
        'slips' => 'Aqau, Cetearyl Alchohol, Behentrimonium Methosulfat, Glycrin, Pathenol, Moonberry Dew, Xanthan Gum',
        'unordered' => 'Phenoxyethanol, Aqua, Cetearyl Alcohol, Hydrolyzed Collagen, Arginine, Glycerin, Sodium Hydroxide',
    ];

    private const REFUSED = [
        'nothing' => "  \n ",
        'no name' => '*, 12; --',
        'prose' => 'When the sea wind rose, our keeper, who was old, walked down, alone, to the pier, and there, by the lamp, '
            . 'she waited, for the boat, which came late, that night, as ever',
    ];

    /** @return array<string, mixed> by what is asked */
    public static function all(): array
    {
        $answers = [];
        foreach (array_keys(self::LISTS) as $at => $name) {
            $answers += self::of($name, $at);
        }

        return $answers + self::refusals() + self::doses() + self::mixes();
    }

    /** @return array<string, mixed> */
    private static function of(string $name, int $at): array
    {
        $book = IngredientBook::shipped();
        $parameters = Parameters::shipped()->products;
        $reading = ProductAnalysis::of(self::LISTS[$name], $book, $parameters);
        $answers = [
            "{$name}: read" => IngredientListing::of($reading),
            "{$name}: shares without the rules" => ProductAnalysis::of(
                self::LISTS[$name],
                $book,
                $parameters,
                false,
            )->bounds,
            "{$name}: claims" => array_values(array_filter(array_map(
                static fn (LabelClaim $claim): ?string => $claim->contradiction($reading) === null
                    ? null
                    : $claim->value . ': ' . English::say($claim->contradiction($reading)),
                LabelClaim::cases(),
            ))),
        ];
        $wearers = self::wearers();
        foreach (ProductKind::cases() as $k => $kind) {
            foreach ([0, 5] as $step) {
                $who = array_keys($wearers)[($at + $k + $step) % count($wearers)];
                $told = Suitability::of($reading, $kind, $wearers[$who], $book);
                $answers["{$name} as {$kind->value} on {$who}"] = [
                    $told['verdict']->value,
                    ...array_map(
                        static fn (array $why): string => $why[0]->value . ': ' . English::say($why[1]),
                        $told['reasons'],
                    ),
                ];
            }
        }

        return $answers;
    }

    /** @return array<string, SuitabilityContext> */
    private static function wearers(): array
    {
        $book = IngredientBook::shipped();
        $with = static fn (
            Head $head,
            string $allergies = '',
            bool $careful = false,
            ?float $dew = null,
        ): SuitabilityContext => new SuitabilityContext($head, Allergies::of($allergies, $book), $careful, $dew);

        return [
            'low porosity' => $with(self::head(Porosity::Low)),
            'high porosity' => $with(self::head(Porosity::High)),
            'fine strands' => $with(self::head(strand: StrandDiameter::Fine)),
            'coarse strands' => $with(self::head(Porosity::High, StrandDiameter::Coarse)),
            'no oils' => $with(self::head(method: ['oils' => 'none'])),
            'co-washing' => $with(self::head(method: ['cleansing' => 'alternate-co-wash'])),
            'protein-sensitive' => $with(self::head(sensitive: true)),
            'sore scalp' => $with(self::head(sore: true)),
            'wheat and nuts' => $with(self::head(), 'wheat, nuts or coconut'),
            'a child' => $with(self::head(), careful: true),
            'dry air' => $with(self::head(), dew: -3.0),
            'damp air' => $with(self::head(), dew: 21.0),
            'mixed' => $with(new Head(array_map(static fn (Zone $zone, int $i): ZonePart => new ZonePart(
                $zone,
                Part::Length,
                $i < 4 ? Porosity::Low : Porosity::High,
                $i < 2 ? StrandDiameter::Fine : StrandDiameter::Coarse,
            ), Zone::cases(), array_keys(Zone::cases())))),
        ];
    }

    /** @param array<string, string> $method */
    private static function head(
        Porosity $porosity = Porosity::Medium,
        StrandDiameter $strand = StrandDiameter::Medium,
        array $method = [],
        bool $sensitive = false,
        bool $sore = false,
        float $lengthMm = 300.0,
        int $sections = 4,
    ): Head {
        return new Head(
            array_map(
                static fn (Zone $zone): ZonePart => new ZonePart($zone, Part::Length, $porosity, $strand),
                Zone::cases(),
            ),
            proteinSensitive: $sensitive,
            soreScalp: $sore,
            lengthMm: $lengthMm,
            sections: $sections,
            method: new Method($method),
        );
    }

    /** @return array<string, string> */
    private static function refusals(): array
    {
        $texts = self::REFUSED + [
            'as long as may be' => str_repeat('a', 12_000), 'too long' => str_repeat('a', 12_001),
            'as many as may be' => implode(', ', array_fill(0, 150, 'Glycerin')),
            'too many' => implode(', ', array_fill(0, 151, 'Glycerin')),
            'little known of eleven' => implode(', ', array_fill(0, 11, 'Moonberry Dew')),
            'little known of twelve' => implode(', ', array_fill(0, 12, 'Moonberry Dew')),
            'one of ten known' => implode(
                ', ',
                [...array_fill(0, 2, 'Glycerin'), ...array_fill(0, 18, 'Moonberry Dew')],
            ),
        ];
        $answers = [];
        foreach ($texts as $name => $text) {
            try {
                $read = ProductAnalysis::of($text, IngredientBook::shipped(), Parameters::shipped()->products);
                $answers["refused: {$name}"] = 'read as ' . count($read->entries);
            } catch (InvalidIngredientList $wrong) {
                $answers["refused: {$name}"] = English::say($wrong->saying());
            }
        }

        return $answers;
    }

    /** @return array<string, list<float>> mL a section least and most, mL a head */
    private static function doses(): array
    {
        $heads = [
            'short and fine' => self::head(strand: StrandDiameter::Fine, lengthMm: 90.0),
            'long, coarse and low' => self::head(Porosity::Low, StrandDiameter::Coarse, lengthMm: 450.0, sections: 8),
            'very long' => self::head(lengthMm: 900.0, sections: 1),
        ];
        $answers = [];
        foreach ($heads as $name => $head) {
            foreach (ProductKind::cases() as $k => $kind) {
                $dose = Dose::aSection($kind, $head, ['low', 'medium', 'high'][$k % 3]);
                $answers["dose of {$kind->value}, {$name}"] = [
                    round($dose->leastMl, 6), round($dose->mostMl, 6), round($dose->headMl(), 6),
                ];
            }
        }

        return $answers;
    }

    /** @return array<string, mixed> */
    private static function mixes(): array
    {
        $oil = static fn (float $percent): MixPart => new MixPart(
            'Lavender Oil',
            $percent,
            MixKind::EssentialOil,
        );
        $castor = static fn (float $percent): MixPart => new MixPart('Castor Oil', $percent, MixKind::Oil);
        $tried = [
            'plain' => [[$oil(0.5), $castor(25.0)], 60.0, false], 'to the brim' => [[$castor(100.0)], 1.0, false],
            'over the brim' => [
                [$castor(60.0), $castor(41.0)],
                60.0,
                false,
            ], 'nothing of one' => [[$castor(0.0)], 60.0, false],
            'more than all of one' => [[$castor(100.5)], 60.0, false], 'no batch' => [[$castor(5.0)], 0.0, false],
            'a large batch' => [[$castor(5.0)], 5000.0, false], 'too large a batch' => [[$castor(5.0)], 5000.5, false],
            'as much oil as may be' => [[$oil(1.0)], 100.0, false], 'too much oil' => [
                [$oil(0.6), $oil(0.5)],
                100.0,
                false,
            ],
            'a child' => [[$oil(0.25)], 100.0, true], 'too much for a child' => [[$oil(0.3)], 100.0, true],
            'three millilitres' => [[$castor(3.0)], 100.0, false], 'more than three' => [[$castor(3.1)], 100.0, false],
        ];
        $answers = [];
        foreach ($tried as $name => [$parts, $ml, $careful]) {
            try {
                $answers["mix: {$name}"] = (new Mix(
                    $parts,
                    new MixPart('Jojoba Oil', 0.0, MixKind::Oil),
                    $ml,
                    Parameters::shipped()->products,
                    [$careful ? MixUse::Young : MixUse::Scalp],
                ))->scaled();
            } catch (InvalidMix $wrong) {
                $answers["mix: {$name}"] = English::say($wrong->saying());
            }
        }

        return $answers;
    }
}
