<?php

declare(strict_types=1);

namespace Nagomi\Core\Pricing;

/** What is taken off a price: a share of it, or a sum. */
final readonly class Discount
{
    private const WHOLE = 10_000;

    /**
     * @param int|null $hundredths of a percent, 0 to 10000
     * @param int|null $cents      0 and more; one of the two at most is given
     */
    private function __construct(public ?int $hundredths, public ?int $cents)
    {
    }

    public static function none(): self
    {
        return new self(null, null);
    }

    /** @param int $hundredths of a percent, 0 to 10000 */
    public static function share(int $hundredths): self
    {
        return new self($hundredths, null);
    }

    /** @param int $cents 0 and more */
    public static function sum(int $cents): self
    {
        return new self(null, $cents);
    }

    /**
     * @param int $smallest cents in the smallest sum that is paid
     *
     * @return int cents; never more than the price itself
     */
    public function of(int $priceCents, int $smallest = 1): int
    {
        return min($priceCents, match (true) {
            $this->hundredths !== null => Cents::share(
                $priceCents,
                $this->hundredths,
                self::WHOLE,
                $smallest,
            ),
            default => $this->cents ?? 0,
        });
    }
}
