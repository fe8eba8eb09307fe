<?php

declare(strict_types=1);

namespace Nagomi\Core\Treatments;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** How much of a bottle does one thing, in % by weight: what it probably is, between bounds that are sure. */
final readonly class ContentShare
{
    /** @throws RefusedInput unless 0 ≤ low ≤ typical ≤ high ≤ 100 */
    public function __construct(
        public float $lowPercent,
        public float $typicalPercent,
        public float $highPercent,
    ) {
        if (
            ! ($lowPercent >= 0.0 && $lowPercent <= $typicalPercent)
                || ! ($typicalPercent <= $highPercent && $highPercent <= 100.0)
        ) {
            throw new RefusedInput(Message::of('refusals.content-share'));
        }
    }

    public static function none(): self
    {
        return new self(0.0, 0.0, 0.0);
    }
}
