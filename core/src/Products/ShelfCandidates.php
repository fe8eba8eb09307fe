<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\Content;

/** The bottles of a shelf as one client's hair sees them. */
final readonly class ShelfCandidates
{
    /** @param string $density low, medium or high */
    public function __construct(
        private SuitabilityContext $wearer,
        private IngredientBook $book,
        private Parameters $parameters,
        private string $density,
    ) {
    }

    /** @throws InvalidIngredientList where its list cannot be read */
    public function of(ShelfBottle $bottle, bool $isKnown): BottleCandidate
    {
        if ($bottle->ingredients === '') {
            return new BottleCandidate(
                $bottle->name,
                $bottle->name,
                false,
                new BottleFacts('none', 'none', false, false, null, $bottle->leftMl, $bottle->labelMinutes),
                new BottleProfile(new BottleContents([]), ['low', 'high']),
                BottleMiss::NotRead,
            );
        }
        $reading = ProductAnalysis::of($bottle->ingredients, $this->book, $this->parameters->products);
        $profile = BottleProfile::of($reading, $this->parameters->contents, $bottle->labelMinutes);
        $verdict = Suitability::of($reading, $bottle->kind, $this->wearer, $this->book)['verdict'];
        $chelator = $profile->contents->of(Content::Chelator)->typicalPercent;

        return new BottleCandidate(
            $bottle->name,
            $bottle->name,
            $verdict === SuitabilityVerdict::Good,
            new BottleFacts(
                $reading->proteinStrength(),
                $reading->surfactantStrength(),
                $chelator >= $this->parameters->contents->chelatesFromPercent,
                $reading->has('scalp_active'),
                $bottle->stock->goodUntil(),
                $bottle->leftMl,
                $bottle->labelMinutes,
            ),
            $profile,
            match (true) {
                $verdict === SuitabilityVerdict::No => BottleMiss::NotForThisHair,
                $reading->isMostlyUnknown() => BottleMiss::MostlyUnknown,
                default => null,
            },
            isKnown: $isKnown,
            centsADose: $bottle->price === null || ($bottle->sizeMl ?? 0.0) <= 0.0
                ? null
                : (int) round(100 * $bottle->price * $this->ml($bottle->kind) / $bottle->sizeMl),
        );
    }

    /** @return float mL of a kind that the whole head takes */
    public function ml(ProductKind $kind): float
    {
        return Dose::aSection($kind, $this->wearer->head, $this->density)->headMl();
    }
}
