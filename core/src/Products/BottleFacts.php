<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DateTimeImmutable;

/** What is known of one bottle that decides whether a step can be done with it. */
final readonly class BottleFacts
{
    /**
     * @param string                 $protein      none, mild, mild-to-strong or strong
     * @param string                 $surfactants  none, mild, medium or strong
     * @param DateTimeImmutable|null $goodUntil    null: nothing limits it
     * @param float|null             $leftMl       null: never counted
     * @param int|null               $labelMinutes it may sit; null: its label does not say
     */
    public function __construct(
        public string $protein,
        public string $surfactants,
        public bool $chelates,
        public bool $caresForScalp,
        public ?DateTimeImmutable $goodUntil,
        public ?float $leftMl,
        public ?int $labelMinutes,
    ) {
    }
}
