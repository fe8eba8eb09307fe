<?php

declare(strict_types=1);

namespace Nagomi\Core\Pricing;

/** The price of a service for one client, and what it is made of. */
final readonly class QuotedPrice
{
    /** No single sum is larger, whatever is added to it. */
    public const MOST_CENTS = 1_000_000_000;

    public int $cents;

    /**
     * @param int  $quarters        of an hour that are paid beyond the usual minutes
     * @param int  $steps           of five centimetres that are paid beyond the length
     * @param bool $isLengthUnknown length would count, and nobody measured it
     */
    public function __construct(
        public ServicePrice $of,
        public int $quarters,
        public int $steps,
        public bool $isLengthUnknown,
    ) {
        $more = $quarters * ($of->quarterCents ?? 0) + $steps * ($of->stepCents ?? 0);
        $this->cents = min(self::MOST_CENTS, $of->baseCents + $more);
    }
}
