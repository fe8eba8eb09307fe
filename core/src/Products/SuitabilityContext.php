<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Head\Head;

/** All that a product must suit: the head, what the skin must not have, whether care is due, and the air. */
final readonly class SuitabilityContext
{
    /**
     * @param bool       $careful         a child, in pregnancy or with asthma
     * @param bool       $isChild         under twelve: some things never
     * @param float|null $dewPointCelsius of the air the client goes out into; null where it is not known
     */
    public function __construct(
        public Head $head,
        public Allergies $allergies,
        public bool $careful = false,
        public ?float $dewPointCelsius = null,
        public bool $isChild = false,
    ) {
    }
}
