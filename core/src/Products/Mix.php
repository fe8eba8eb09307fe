<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DomainException;
use Nagomi\Core\Parameters\ProductParameters;

/**
 * A mix made up in the salon: its parts scaled to a batch, in millilitres and drops, within the caps that protect the
 * skin. What is left to 100 % is the carrier; it counts as any other part.
 */
final readonly class Mix
{
    private const MOST_ML = 5000;

    /** Sums of typed shares are only as exact as they are typed. */
    private const ROUNDING = 1e-9;

    /** @var non-empty-list<MixPart> the carrier last */
    public array $parts;

    /**
     * @param non-empty-list<MixPart> $parts   beside the carrier
     * @param MixPart                 $carrier its share follows from the others
     * @param non-empty-list<MixUse>  $uses    where it goes and on whom; the strictest cap holds
     *
     * @throws DomainException with a sentence that says what to change
     */
    public function __construct(
        array $parts,
        MixPart $carrier,
        public float $totalMl,
        private ProductParameters $parameters,
        private array $uses = [MixUse::Scalp],
    ) {
        if ($totalMl <= 0 || $totalMl > self::MOST_ML || is_nan($totalMl)) {
            throw new DomainException('Batch: type how much to make, more than 0 and up to 5000 mL.');
        }
        foreach ($parts as $part) {
            if ($part->percent <= 0 || $part->percent > 100 || is_nan($part->percent)) {
                throw new DomainException("{$part->name}: type a share of more than 0 and up to 100 %.");
            }
        }
        $sum = array_sum(array_column($parts, 'percent'));
        if ($sum > 100.0 + self::ROUNDING) {
            throw new DomainException(sprintf('The parts come to %.1f %%; lower them to 100 %% or less.', $sum));
        }
        $this->parts = [...$parts, $carrier->holding(max(0.0, 100.0 - $sum))];
        $this->checkEach();
        $this->checkEssentialOils();
    }

    /** @throws DomainException where a part is more than it may be by itself */
    private function checkEach(): void
    {
        foreach ($this->parts as $part) {
            if ($part->mostPercent !== null && $part->percent > $part->mostPercent + self::ROUNDING) {
                throw new DomainException(sprintf(
                    '%s: %s %% is the most of it by itself (%s); it comes to %s %%.',
                    $part->name,
                    self::percent($part->mostPercent),
                    $part->kind === MixKind::EssentialOil
                        ? 'Tisserand & Young, on skin; from memory'
                        : 'the ingredient book and common practice',
                    self::percent($part->percent),
                ));
            }
        }
    }

    /** @throws DomainException where essential oils, and what nobody knows, come to more than the strictest cap */
    private function checkEssentialOils(): void
    {
        $counted = array_values(array_filter(
            $this->parts,
            static fn (MixPart $part): bool => $part->kind->countsAsEssentialOil() && $part->percent > 0,
        ));
        $come = array_sum(array_column($counted, 'percent'));
        [$use, $most] = $this->strictest();
        if ($come <= $most + self::ROUNDING) {
            return;
        }
        $unknown = array_values(array_filter(
            $counted,
            static fn (MixPart $part): bool => $part->kind === MixKind::Unknown,
        ));
        throw new DomainException(sprintf(
            'Essential oils come to %s %% (%s); %s (Tisserand & Young; from memory). Ask a clinician where in doubt.%s',
            self::percent($come),
            implode(', ', array_map(
                static fn (MixPart $part): string => $part->name . ' ' . self::percent($part->percent) . ' %',
                $counted,
            )),
            $this->says($use, $most),
            $unknown === [] ? '' : sprintf(
                ' Not known here, and counted as an essential oil until it is named: %s. Write it as on its label, or '
                    . 'teach it to the ingredient book.',
                implode(', ', array_column($unknown, 'name')),
            ),
        ));
    }

    /** @return array{MixUse, float} */
    private function strictest(): array
    {
        $caps = array_map(
            fn (MixUse $use): float => $this->parameters->essentialOilMostPercent[$use->value],
            $this->uses,
        );
        $most = min($caps);

        return [$this->uses[(int) array_search($most, $caps, true)], $most];
    }

    private function says(MixUse $use, float $most): string
    {
        $where = match ($use) {
            MixUse::Scalp => 'on the scalp',
            MixUse::RinsedOff => 'in what is rinsed off',
            MixUse::Child => 'on a child under 12',
            MixUse::Young => 'from 12 to 15 years',
            MixUse::Pregnancy => 'in pregnancy',
            MixUse::Asthma => 'with asthma',
        };

        return $most <= 0.0 ? "{$where} there is none" : "{$where} " . self::percent($most) . ' % is the most';
    }

    /** Days it keeps: as long as what keeps least. */
    public function keepsDays(): int
    {
        $days = array_map(
            fn (MixPart $part): int => $this->parameters->mixKeepsDays[$part->kind->value],
            array_filter($this->parts, static fn (MixPart $part): bool => $part->percent > 0),
        );

        return $days === [] ? $this->parameters->mixKeepsDays[MixKind::Unknown->value] : min($days);
    }

    /**
     * @return list<array{
     *     name: string, percent: float, ml: float, drops: int|null,
     * }> the carrier last; drops where they are few
     */
    public function scaled(): array
    {
        $scaled = [];
        foreach ($this->parts as $part) {
            $ml = $part->percent / 100 * $this->totalMl;
            $scaled[] = [
                'name' => $part->name,
                'percent' => round($part->percent, 3),
                'ml' => round($ml, 2),
                'drops' => $ml > 0 && $ml <= 3 ? (int) floor($ml * $this->parameters->dropsAMl + 1e-9) : null,
            ];
        }

        return $scaled;
    }

    private static function percent(float $percent): string
    {
        return rtrim(rtrim(number_format($percent, 2, '.', ''), '0'), '.');
    }
}
