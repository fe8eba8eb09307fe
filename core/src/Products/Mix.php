<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DomainException;
use Nagomi\Core\Parameters\ProductParameters;

/**
 * A mix made up in the salon: its parts scaled to a batch, in millilitres and drops, within the caps that protect the
 * skin.
 */
final readonly class Mix
{
    /**
     * @param non-empty-list<MixPart> $parts   what is left to 100 % is the carrier
     * @param bool                    $careful for a child, in pregnancy or with asthma
     *
     * @throws DomainException with a sentence that says what to change
     */
    public function __construct(
        public array $parts,
        public string $carrier,
        public float $totalMl,
        private ProductParameters $parameters,
        public bool $careful = false,
    ) {
        if ($totalMl <= 0 || $totalMl > 5000) {
            throw new DomainException('Batch: type how much to make, more than 0 and up to 5000 mL.');
        }
        foreach ($parts as $part) {
            if ($part->percent <= 0 || $part->percent > 100) {
                throw new DomainException("{$part->name}: type a share of more than 0 and up to 100 %.");
            }
        }
        $sum = array_sum(array_column($parts, 'percent'));
        if ($sum > 100.0 + 1e-9) {
            throw new DomainException(sprintf('The parts come to %.1f %%; lower them to 100 %% or less.', $sum));
        }
        $most = $this->parameters->essentialOilMostPercent[$careful ? 'careful' : 'adult'];
        $essential = array_sum(array_map(
            static fn (MixPart $part): float => $part->essentialOil ? $part->percent : 0.0,
            $parts,
        ));
        if ($essential > $most + 1e-9) {
            throw new DomainException(sprintf(
                'Essential oils come to %.2f %%; on the scalp %.2f %% is the most%s (Tisserand & Young; from '
                    . 'memory). Ask a clinician where in doubt.',
                $essential,
                $most,
                $careful ? ' for a child, in pregnancy or with asthma' : '',
            ));
        }
    }

    /**
     * @return list<array{
     *     name: string, percent: float, ml: float, drops: int|null,
     * }> the carrier last; drops where they are few
     */
    public function scaled(): array
    {
        $scaled = [];
        foreach (
            [
                ...$this->parts,
                new MixPart($this->carrier, 100.0 - array_sum(array_column($this->parts, 'percent'))),
            ] as $part
        ) {
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
}
