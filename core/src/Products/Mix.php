<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ProductParameters;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

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
     * @throws InvalidMix with a sentence that says what to change
     */
    public function __construct(
        array $parts,
        MixPart $carrier,
        public float $totalMl,
        private ProductParameters $parameters,
        private array $uses = [MixUse::Scalp],
    ) {
        if ($totalMl <= 0 || $totalMl > self::MOST_ML || is_nan($totalMl)) {
            throw new InvalidMix(Message::of('products.mix.batch', most: self::MOST_ML), ofBatch: true);
        }
        foreach ($parts as $part) {
            if ($part->percent <= 0 || $part->percent > 100 || is_nan($part->percent)) {
                throw new InvalidMix(Message::of('products.mix.share', name: $part->name));
            }
        }
        $sum = array_sum(array_column($parts, 'percent'));
        if ($sum > 100.0 + self::ROUNDING) {
            throw new InvalidMix(Message::of('products.mix.sum', sum: new Figure($sum, 1)));
        }
        $this->parts = [...$parts, $carrier->holding(max(0.0, 100.0 - $sum))];
        $this->checkEach();
        $this->checkEssentialOils();
    }

    /** @throws InvalidMix where a part is more than it may be by itself */
    private function checkEach(): void
    {
        foreach ($this->parts as $part) {
            if ($part->mostPercent !== null && $part->percent > $part->mostPercent + self::ROUNDING) {
                throw new InvalidMix(Message::of(
                    $part->kind === MixKind::EssentialOil ? 'products.mix.most-of-oil' : 'products.mix.most-of-part',
                    name: $part->name,
                    most: self::percent($part->mostPercent),
                    percent: self::percent($part->percent),
                ));
            }
        }
    }

    /** @throws InvalidMix where essential oils, and what nobody knows, come to more than the strictest cap */
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
        throw new InvalidMix(Message::of(
            $unknown === [] ? 'products.mix.essential-oils' : 'products.mix.essential-oils-and-unknown',
            percent: self::percent($come),
            parts: array_map(static fn (MixPart $part): Message => Message::of(
                'products.mix.part',
                name: $part->name,
                percent: self::percent($part->percent),
            ), $counted),
            cap: Message::of(
                $most <= 0.0 ? 'products.mix.none' : 'products.mix.most',
                where: Message::of("products.mix.uses.{$use->value}"),
                most: self::percent($most),
            ),
            unknown: array_column($unknown, 'name'),
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

    private static function percent(float $percent): Figure
    {
        return new Figure(round($percent, 2));
    }
}
