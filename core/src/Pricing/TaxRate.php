<?php

declare(strict_types=1);

namespace Nagomi\Core\Pricing;

/**
 * The tax on a service, as a salon has it: within the prices it names, or added to them. Which of the two, and how
 * much, is local law.
 */
final readonly class TaxRate
{
    private const WHOLE = 10_000;

    /** @param int $hundredths of a percent, 0 to 10000 */
    public function __construct(public int $hundredths, public bool $isAdded)
    {
    }

    /**
     * @param int $smallest cents in the smallest sum that is paid
     *
     * @return int cents, of what is named after any discount
     */
    public function of(int $cents, int $smallest = 1): int
    {
        $whole = $this->isAdded ? self::WHOLE : self::WHOLE + $this->hundredths;

        return Cents::share($cents, $this->hundredths, $whole, $smallest);
    }
}
