<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Parameters\ContentParameters;

/** How much more or less than usual a bottle does, by what it holds, and how sure that is. */
final readonly class ContentFactor
{
    /**
     * @param float $times of the kind's usual effect
     * @param float $sd    as a share of the effect
     */
    private function __construct(
        public float $times = 1.0,
        public float $sd = 0.0,
    ) {
    }

    /** The factor on what the kind of step usually does, half to twice; 1 where the bottle is not known. */
    public static function of(?ContentShare $share, ?float $usualPercent, ContentParameters $contents): self
    {
        if ($share === null || $usualPercent === null) {
            return new self();
        }
        $times = static fn (float $percent): float => max(
            $contents->factor['least'],
            min($contents->factor['most'], ($percent / $usualPercent) ** $contents->exponent),
        );

        return self::between($times($share->lowPercent), $times($share->typicalPercent), $times($share->highPercent));
    }

    /** The share of a treatment's effect that something else has by holding of the same: none to all of it. */
    public static function beside(?ContentShare $share, float $usualPercent): self
    {
        $part = static fn (float $percent): float => min(1.0, $percent / $usualPercent);

        return $share === null
            ? new self(0.0)
            : self::between($part($share->lowPercent), $part($share->typicalPercent), $part($share->highPercent));
    }

    /** Bounds that are sure are taken as two standard deviations either way. */
    private static function between(float $low, float $times, float $high): self
    {
        return new self($times, $times > 0.0 ? min(1.0, ($high - $low) / 4 / $times) : 0.0);
    }
}
