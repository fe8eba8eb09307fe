<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use InvalidArgumentException;

/** How a style looks on a day: definition, frizz and moisture, each 0 (gone), 1 (fair) or 2 (good; little frizz). */
final readonly class StyleLook
{
    public const SIGNS = ['definition', 'frizz', 'moisture'];
    public const MOST = 2;

    /** @throws InvalidArgumentException outside 0 to 2 */
    public function __construct(
        public int $definition,
        public int $frizz,
        public int $moisture,
    ) {
        foreach ([$definition, $frizz, $moisture] as $points) {
            if ($points < 0 || $points > self::MOST) {
                throw new InvalidArgumentException('Look: give 0 to ' . self::MOST . ' points.');
            }
        }
    }

    public function points(): int
    {
        return $this->definition + $this->frizz + $this->moisture;
    }
}
