<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** One part of a mix, as a share of the whole. */
final readonly class MixPart
{
    /** @param float|null $mostPercent most of it by itself, in % of the mix; null: it has no limit of its own */
    public function __construct(
        public string $name,
        public float $percent,
        public MixKind $kind,
        public ?float $mostPercent = null,
    ) {
    }

    /** The same part with another share. */
    public function holding(float $percent): self
    {
        return new self($this->name, $percent, $this->kind, $this->mostPercent);
    }
}
