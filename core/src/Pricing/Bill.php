<?php

declare(strict_types=1);

namespace Nagomi\Core\Pricing;

/** What a visit comes to: the price less a discount, the tax in it or on it, and what was paid before. */
final readonly class Bill
{
    public int $discountCents;

    /** of what is due */
    public int $taxCents;

    /** what the client pays in all, tax and all */
    public int $dueCents;

    /** still to be paid; 0 where more was paid before than is due */
    public int $leftCents;

    /** paid before and more than is due: to be given back */
    public int $backCents;

    /**
     * @param int          $priceCents 0 and more, as the salon names it
     * @param TaxRate|null $tax        null: none is told of
     * @param int          $paidCents  before the visit, 0 and more
     * @param int          $smallest   cents in the smallest sum that is paid
     */
    public function __construct(
        public int $priceCents,
        Discount $discount,
        ?TaxRate $tax,
        public int $paidCents = 0,
        int $smallest = 1,
    ) {
        $this->discountCents = $discount->of($priceCents, $smallest);
        $named = $priceCents - $this->discountCents;
        $this->taxCents = $tax?->of($named, $smallest) ?? 0;
        $this->dueCents = $named + ($tax?->isAdded === true ? $this->taxCents : 0);
        $this->leftCents = max(0, $this->dueCents - $paidCents);
        $this->backCents = max(0, $paidCents - $this->dueCents);
    }
}
