<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Drawings\ResultRange;

/** One result of a visit, in words, beside what was expected of it that day. */
final readonly class ToldSign
{
    /**
     * @param string           $value   in $unit, written out
     * @param string           $zone    '' where it is of the whole head
     * @param string           $means   what it says of the hair
     * @param string           $beside  what was expected, and what it was last time; '' where neither is known
     * @param ResultRange|null $range   null where nothing was expected
     * @param string           $reading its key
     * @param string           $besides what else the test says; '' where nothing
     */
    public function __construct(
        public string $value,
        public string $unit,
        public string $name,
        public string $zone,
        public string $means,
        public string $beside,
        public ?ResultRange $range,
        public bool $again,
        public string $reading,
        public string $besides,
    ) {
    }
}
