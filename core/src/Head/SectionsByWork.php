<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/**
 * Into how many sections a head is parted for washing, detangling and styling, where that is not the same: as on its last
 * wash days; null: as the head is parted.
 */
final readonly class SectionsByWork
{
    public const MOST = 16;

    /** @throws RefusedInput outside 1 to 16 */
    public function __construct(
        public ?int $washing = null,
        public ?int $detangling = null,
        public ?int $styling = null,
    ) {
        foreach ([$washing, $detangling, $styling] as $sections) {
            if ($sections !== null && ($sections < 1 || $sections > self::MOST)) {
                throw new RefusedInput(Message::of('refusals.sections', most: self::MOST));
            }
        }
    }
}
