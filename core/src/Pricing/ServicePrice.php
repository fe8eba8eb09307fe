<?php

declare(strict_types=1);

namespace Nagomi\Core\Pricing;

/**
 * What a salon asks for a service: a base, and where it wants, more for each whole quarter of an hour beyond the usual
 * minutes and for each begun five centimetres of hair beyond a length.
 */
final readonly class ServicePrice
{
    public const QUARTER_MINUTES = 15;
    public const STEP_MM = 50;

    /**
     * @param int      $baseCents    0 and more
     * @param int      $usualMinutes up to which the base stands
     * @param int|null $quarterCents for each whole quarter of an hour beyond; null: minutes do not count
     * @param int|null $longFromMm   up to which the base stands
     * @param int|null $stepCents    for each begun five centimetres beyond; null: length does not count
     */
    public function __construct(
        public int $baseCents,
        public int $usualMinutes,
        public ?int $quarterCents = null,
        public ?int $longFromMm = null,
        public ?int $stepCents = null,
    ) {
    }

    /** @param int|null $lengthMm stretched, of the longest hair; null: nobody measured it, nothing is added for it */
    public function of(int $minutes, ?int $lengthMm): QuotedPrice
    {
        return new QuotedPrice(
            $this,
            $this->quarterCents === null
                ? 0
                : intdiv(max(0, $minutes - $this->usualMinutes), self::QUARTER_MINUTES),
            $this->longFromMm === null || $this->stepCents === null
                ? 0
                : intdiv(max(0, ($lengthMm ?? 0) - $this->longFromMm) + self::STEP_MM - 1, self::STEP_MM),
            $this->stepCents !== null && $this->longFromMm !== null && $lengthMm === null,
        );
    }
}
