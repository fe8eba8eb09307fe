<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

/**
 * When a question comes back: boxes after S. Leitner, So lernt man lernen, 1972 (from memory). What was right goes on a
 * box and waits twice as long; what was missed begins again, and comes back the same day.
 */
final class Spacing
{
    public const FIRST = 1;
    public const LAST = 5;

    /** Days until a question of each box comes back: ours, doubling. */
    private const DAYS = [1 => 1, 2 => 2, 3 => 4, 4 => 8, 5 => 16];

    /**
     * @param int|null $box it lay in, 1 to 5; null: it was never asked
     *
     * @return array{int, int} the box it goes to, and the days until it comes back
     */
    public static function after(?int $box, bool $wasRight): array
    {
        if (! $wasRight) {
            return [self::FIRST, 0];
        }
        $next = min(self::LAST, ($box ?? 0) + 1);

        return [$next, self::DAYS[$next]];
    }
}
