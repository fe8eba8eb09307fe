<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Stratum;
use Nagomi\Core\Head\StratumName;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

/**
 * Whether a product is for a head, with every reason for and against. The trade's reasons are common practice, no
 * source, where none is named.
 */
final class Suitability
{
    /** @var list<array{SuitabilityVerdict, Message}> */
    private array $reasons = [];

    private function __construct(
        private readonly ProductAnalysis $reading,
        private readonly ProductKind $kind,
        private readonly SuitabilityContext $wearer,
        private readonly IngredientBook $book,
    ) {
    }

    /**
     * @return array{verdict: SuitabilityVerdict, reasons: list<array{SuitabilityVerdict, Message}>} the gravest first
     */
    public static function of(
        ProductAnalysis $reading,
        ProductKind $kind,
        SuitabilityContext $wearer,
        IngredientBook $book,
    ): array {
        $suits = new self($reading, $kind, $wearer, $book);
        $suits->skin();
        $suits->protein();
        $suits->method();
        foreach ($wearer->head->strata as $stratum) {
            $suits->stratum($stratum);
        }
        $suits->air();
        $grave = static fn (SuitabilityVerdict $verdict): int => (int) array_search(
            $verdict,
            [SuitabilityVerdict::No, SuitabilityVerdict::WithCare, SuitabilityVerdict::Good],
            true,
        );
        usort($suits->reasons, static fn (array $a, array $b): int => $grave($a[0]) <=> $grave($b[0]));

        return ['verdict' => $suits->reasons[0][0] ?? SuitabilityVerdict::Good, 'reasons' => $suits->reasons];
    }

    /** @param string|int|Figure|Message|list<string> ...$places */
    private function say(SuitabilityVerdict $verdict, string $key, string|int|Figure|Message|array ...$places): void
    {
        $this->reasons[] = [$verdict, Message::of($key, ...$places)];
    }

    /** @return list<string> names of what brings it */
    private function from(string ...$loads): array
    {
        return array_merge(...array_map(
            fn (string $load): array => $this->reading->loads[$load]->from ?? [],
            array_values($loads),
        ));
    }

    private function skin(): void
    {
        $this->allergies();
        $this->soreScalp();
        if ($this->wearer->isChild && $this->reading->has('essential_oil')) {
            $this->say(
                SuitabilityVerdict::No,
                'suitability.child-essential-oils',
                names: $this->from('essential_oil'),
            );
        } elseif ($this->wearer->careful && $this->reading->has('essential_oil')) {
            $this->say(
                SuitabilityVerdict::WithCare,
                'suitability.careful-essential-oils',
                names: $this->from('essential_oil'),
            );
        }
        // What must not touch a skin is not tried on it.
        if ($this->reading->has('sensitiser') && ! $this->isForbidden()) {
            $this->say(SuitabilityVerdict::Good, 'suitability.patch-test', names: $this->from('sensitiser'));
        }
    }

    private function isForbidden(): bool
    {
        return in_array(SuitabilityVerdict::No, array_column($this->reasons, 0), true);
    }

    private function allergies(): void
    {
        $allergies = $this->wearer->allergies;
        foreach ($this->reading->entries as $entry) {
            if ($allergies->name($entry, $this->book)) {
                $this->say(SuitabilityVerdict::No, 'suitability.allergy', name: $entry->listed);
            }
        }
        if ($allergies->unread !== []) {
            $this->say(SuitabilityVerdict::WithCare, 'suitability.allergy-not-known', names: $allergies->unread);
        }
        if ($this->reading->isMostlyUnknown()) {
            $this->say(SuitabilityVerdict::WithCare, 'suitability.mostly-unknown');
        }
        if ($this->reading->unknown() !== [] && ! $allergies->isEmpty()) {
            $this->say(SuitabilityVerdict::WithCare, 'suitability.not-all-known', names: $this->reading->unknown());
        }
    }

    private function soreScalp(): void
    {
        if (! $this->wearer->head->soreScalp || ! $this->kind->reachesScalp()) {
            return;
        }
        if ($this->reading->has('essential_oil')) {
            $this->say(
                SuitabilityVerdict::No,
                'suitability.sore-essential-oils',
                names: $this->from('essential_oil'),
            );
        }
        if (
            $this->reading->surfactantStrength() === 'strong'
                || $this->reading->has('acid') && $this->kind === ProductKind::ScalpCare
        ) {
            $this->say(SuitabilityVerdict::No, 'suitability.sore-too-strong');
        }
    }

    private function protein(): void
    {
        $strength = $this->reading->proteinStrength();
        if ($strength === 'none') {
            $above = $this->wearer->head->proteinSensitive ? $this->reading->unknownAboveLine() : [];
            if ($above !== []) {
                $this->say(SuitabilityVerdict::WithCare, 'suitability.protein-not-known', names: $above);
            }

            return;
        }
        $from = $this->from('protein', 'amino_acids');
        if ($this->wearer->head->proteinSensitive) {
            $this->say(
                $strength === 'mild' ? SuitabilityVerdict::WithCare : SuitabilityVerdict::No,
                "suitability.protein-sensitive.{$strength}",
                names: $from,
            );
        } elseif ($this->wearer->head->method->says(MethodQuestion::Protein, 'avoided')) {
            $this->say(SuitabilityVerdict::WithCare, 'suitability.protein-avoided', names: $from);
        }
    }

    private function method(): void
    {
        $method = $this->wearer->head->method;
        $oils = $this->reading
            ->upper('penetrating_oil') + $this->reading
            ->upper('mixed_oil') + $this->reading
            ->upper('sealing_oil');
        if (
            $oils >= $this->wearer->head->parameters->products->linePercent
                && $method->says(MethodQuestion::Oils, 'none')
                && $this->kind->staysOn()
        ) {
            $this->say(SuitabilityVerdict::WithCare, 'suitability.no-oils');
        }
        $removed = $this->reading->removedWith();
        if ($this->kind->staysOn() && in_array($removed, ['shampoo', 'clarifying'], true)) {
            $coWashes = $method->says(MethodQuestion::Cleansing, 'alternate-co-wash');
            $this->say(
                $removed === 'clarifying' || $coWashes ? SuitabilityVerdict::WithCare : SuitabilityVerdict::Good,
                "suitability.films.{$removed}",
                names: $this->from('silicone', 'film_former'),
            );
        }
        if ($this->reading->has('drying_alcohol') && $this->kind->staysOn()) {
            $this->say(
                SuitabilityVerdict::WithCare,
                'suitability.drying-alcohol',
                names: $this->from('drying_alcohol'),
            );
        }
        if (
            $this->reading->has('chelator')
                && $this->kind === ProductKind::Clarifier
                && $this->wearer->head->hardness() > 120
        ) {
            $this->say(
                SuitabilityVerdict::Good,
                'suitability.chelates',
                hardness: (int) round($this->wearer->head->hardness()),
                names: $this->from('chelator'),
            );
        }
    }

    private function stratum(Stratum $stratum): void
    {
        [$lightest, $heaviest] = $this->reading->feel('weight');
        $where = count($this->wearer->head->strata) > 1
            ? Message::of('suitability.on', stratum: StratumName::words($stratum->name))
            : '';
        if ($stratum->porosity === Porosity::Low && $this->kind->staysOn()) {
            if ($lightest === 'high') {
                $this->say(SuitabilityVerdict::WithCare, 'suitability.heavy', where: $where);
            } elseif ($heaviest === 'low') {
                $this->say(SuitabilityVerdict::Good, 'suitability.light-enough', where: $where);
            }
        }
        if ($stratum->porosity === Porosity::High && $this->kind->staysOn()) {
            $seals = $this->reading
                ->upper('sealing_oil') + $this->reading
                ->upper('mixed_oil') + $this->reading
                ->upper('film_former') + $this->reading
                ->upper('silicone');
            $line = $this->wearer->head->parameters->products->linePercent;
            $this->say(
                $seals >= $line ? SuitabilityVerdict::Good : SuitabilityVerdict::WithCare,
                $seals >= $line ? 'suitability.seals' : 'suitability.seals-not',
                where: $where,
            );
        }
        if ($stratum->strand === StrandDiameter::Fine && $this->kind->staysOn() && $lightest === 'high') {
            $this->say(SuitabilityVerdict::WithCare, 'suitability.weighs-down', where: $where);
        }
        if (
            $this->reading->surfactantStrength() === 'strong'
                && $stratum->porosity === Porosity::High
                && $this->kind !== ProductKind::Clarifier
        ) {
            $this->say(
                SuitabilityVerdict::WithCare,
                'suitability.strong-surfactants',
                where: $where,
            );
        }
    }

    private function air(): void
    {
        $dewPoint = $this->wearer->dewPointCelsius;
        if ($dewPoint === null || ! $this->kind->staysOn() || ! $this->reading->has('humectant')) {
            return;
        }
        $feels = AirFeel::atDewPoint($dewPoint, $this->wearer->head->parameters->products);
        if ($feels === AirFeel::Dry) {
            $this->say(
                SuitabilityVerdict::WithCare,
                'suitability.dry-air',
                celsius: new Figure($dewPoint, 0),
                names: $this->from('humectant'),
            );
        } elseif ($feels === AirFeel::Sticky) {
            $this->say(
                SuitabilityVerdict::WithCare,
                'suitability.sticky-air',
                celsius: new Figure($dewPoint, 0),
                names: $this->from('humectant'),
            );
        }
    }
}
