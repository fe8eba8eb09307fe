<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** A bottle that a step may be done with, and all that decides whether it is. */
final readonly class BottleCandidate
{
    /**
     * @param BottleMiss|null $refusal  why nothing of it may touch this client: recalled, reacted to, not for this hair
     * @param bool            $isDisliked this client said so at a wash
     * @param bool            $isKnown  this client was washed with it before
     * @param int|null        $centsADose for the whole head; null where it has no price
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $suitsWell,
        public BottleFacts $facts,
        public BottleProfile $profile,
        public ?BottleMiss $refusal = null,
        public bool $isKnown = false,
        public bool $isDisliked = false,
        public ?int $centsADose = null,
    ) {
    }
}
