<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

use Attribute;

/**
 * Says of one constant of {@see ModelParameters} what it is measured in, where it comes from
 * and within which limits it would still be believed.
 */
#[Attribute(Attribute::TARGET_CLASS_CONSTANT)]
final readonly class Parameter
{
    public function __construct(
        public string $unit,
        public Origin $origin,
        public float $least,
        public float $most,
        public string $source = '',
    ) {
    }
}
