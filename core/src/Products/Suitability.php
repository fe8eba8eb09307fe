<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Stratum;

/**
 * Whether a product is for a head, with every reason for and against. The trade's reasons are common practice, no
 * source, where none is named.
 */
final class Suitability
{
    /** @var list<array{SuitabilityVerdict, string}> */
    private array $reasons = [];

    private function __construct(
        private readonly ProductAnalysis $reading,
        private readonly ProductKind $kind,
        private readonly SuitabilityContext $wearer,
        private readonly IngredientBook $book,
    ) {
    }

    /**
     * @return array{verdict: SuitabilityVerdict, reasons: list<array{SuitabilityVerdict, string}>} the gravest first
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

    private function say(SuitabilityVerdict $verdict, string $sentence): void
    {
        // Some names end with a dot of their own.
        $this->reasons[] = [$verdict, str_replace('..', '.', $sentence)];
    }

    private function from(string $load): string
    {
        return implode(', ', $this->reading->loads[$load]->from ?? []);
    }

    private function skin(): void
    {
        foreach ($this->reading->entries as $entry) {
            if ($this->wearer->allergies->name($entry, $this->book)) {
                $this->say(SuitabilityVerdict::No, "The allergy list names it: {$entry->listed}.");
            }
        }
        if ($this->wearer->head->soreScalp && $this->kind->reachesScalp()) {
            if ($this->reading->has('essential_oil')) {
                $this->say(SuitabilityVerdict::No, "Not on a sore scalp: {$this->from('essential_oil')}.");
            }
            if (
                $this->reading->surfactantStrength() === 'strong'
                    || $this->reading->has('acid') && $this->kind === ProductKind::ScalpCare
            ) {
                $this->say(SuitabilityVerdict::No, 'Too strong for a sore scalp.');
            }
        }
        if ($this->wearer->isChild && $this->reading->has('essential_oil')) {
            $this->say(
                SuitabilityVerdict::No,
                "Never essential oils on a child under twelve: {$this->from('essential_oil')}.",
            );
        } elseif ($this->wearer->careful && $this->reading->has('essential_oil')) {
            $this->say(
                SuitabilityVerdict::WithCare,
                "Essential oils with a child, in pregnancy or with asthma: ask a clinician first ({$this->from('essential_oil')}).",
            );
        }
        if ($this->reading->has('sensitiser')) {
            $this->say(SuitabilityVerdict::Good, "Patch test 48 h before the first use: {$this->from('sensitiser')}.");
        }
        if ($this->reading->unknown() !== [] && ! $this->wearer->allergies->isEmpty()) {
            $this->say(
                SuitabilityVerdict::WithCare,
                'Not every ingredient is known, so allergies cannot be ruled out: '
                    . implode(', ', $this->reading->unknown())
                    . '.',
            );
        }
    }

    private function protein(): void
    {
        $strength = $this->reading->proteinStrength();
        if ($strength === 'none') {
            return;
        }
        $from = implode(', ', array_filter([$this->from('protein'), $this->from('amino_acids')]));
        if ($this->wearer->head->proteinSensitive) {
            $this->say(
                $strength === 'mild' ? SuitabilityVerdict::WithCare : SuitabilityVerdict::No,
                "Protein-sensitive; its protein is {$strength}: {$from}.",
            );
        } elseif ($this->wearer->head->method->says(MethodQuestion::Protein, 'avoided')) {
            $this->say(SuitabilityVerdict::WithCare, "The method avoids protein but by plan: {$from}.");
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
            $this->say(SuitabilityVerdict::WithCare, 'The method is without oils and butters.');
        }
        $removed = $this->reading->removedWith();
        if ($this->kind->staysOn() && in_array($removed, ['shampoo', 'clarifying'], true)) {
            $needs = $removed === 'clarifying' ? 'a clarifying cleanse' : 'a shampoo';
            $coWashes = $method->says(MethodQuestion::Cleansing, 'alternate-co-wash');
            $this->say(
                $removed === 'clarifying' || $coWashes ? SuitabilityVerdict::WithCare : SuitabilityVerdict::Good,
                "Its films come off with {$needs} only: "
                    . implode(', ', array_filter([$this->from('silicone'), $this->from('film_former')]))
                    . '.',
            );
        }
        if ($this->reading->has('drying_alcohol') && $this->kind->staysOn()) {
            $this->say(SuitabilityVerdict::WithCare, "Drying alcohol stays on: {$this->from('drying_alcohol')}.");
        }
        if (
            $this->reading->has('chelator')
                && $this->kind === ProductKind::Clarifier
                && $this->wearer->head->hardness() > 120
        ) {
            $this->say(
                SuitabilityVerdict::Good,
                sprintf(
                    'It chelates, as water of %d mg/L asks for: %s.',
                    (int) round($this->wearer->head->hardness()),
                    $this->from('chelator'),
                ),
            );
        }
    }

    private function stratum(Stratum $stratum): void
    {
        [$lightest, $heaviest] = $this->reading->feel('weight');
        $where = count($this->wearer->head->strata) > 1 ? " on {$stratum->name}" : '';
        if ($stratum->porosity === Porosity::Low && $this->kind->staysOn()) {
            if ($lightest === 'high') {
                $this->say(SuitabilityVerdict::WithCare, "Heavy{$where}, which takes up little and gets coated.");
            } elseif ($heaviest === 'low') {
                $this->say(SuitabilityVerdict::Good, "Light enough{$where} of low porosity.");
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
                $seals >= $line
                    ? "It seals{$where} of high porosity."
                    : "Nothing in it seals{$where} of high porosity; seal after it.",
            );
        }
        if ($stratum->strand === StrandDiameter::Fine && $this->kind->staysOn() && $lightest === 'high') {
            $this->say(SuitabilityVerdict::WithCare, "It weighs fine strands down{$where}.");
        }
        if (
            $this->reading->surfactantStrength() === 'strong'
                && $stratum->porosity === Porosity::High
                && $this->kind !== ProductKind::Clarifier
        ) {
            $this->say(
                SuitabilityVerdict::WithCare,
                "Strong surfactants on porous hair{$where}; keep them to the scalp and condition after.",
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
                sprintf(
                    'Dry air, dew point %.0f °C: humectants draw water out of the hair; seal over them (%s).',
                    $dewPoint,
                    $this->from('humectant'),
                ),
            );
        } elseif ($feels === AirFeel::Sticky) {
            $this->say(
                SuitabilityVerdict::WithCare,
                sprintf(
                    'Sticky air, dew point %.0f °C: humectants swell and frizz the hair; use little (%s).',
                    $dewPoint,
                    $this->from('humectant'),
                ),
            );
        }
    }
}
