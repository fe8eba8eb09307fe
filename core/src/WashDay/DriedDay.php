<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use DateTimeImmutable;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** How long one drying, or one stage of it, really took. */
final readonly class DriedDay
{
    public const LEAST_MINUTES = 0.5;
    public const MOST_MINUTES = 1440.0;

    /** What hair is dried by, and in what stage. */
    public const WAYS = ['air', 'fan', 'diffuse', 'diffuse-high', 'diffuse-medium', 'diffuse-cool', 'hood'];

    /**
     * @param string $by      air, fan, diffuse, a stage of it, or hood
     * @param float  $minutes 0.5 to 1440
     * @param bool   $isHeavy much that keeps water in was left on the hair
     *
     * @throws RefusedInput for another way, or minutes outside 0.5 to 1440
     */
    public function __construct(
        public DateTimeImmutable $date,
        public string $by,
        public float $minutes,
        public bool $isHeavy = false,
    ) {
        if (! in_array($by, self::WAYS, true)) {
            throw new RefusedInput(Message::of('refusals.dried-by', choices: self::WAYS));
        }
        if (is_nan($minutes) || $minutes < self::LEAST_MINUTES || $minutes > self::MOST_MINUTES) {
            throw new RefusedInput(Message::of(
                'refusals.drying-minutes',
                least: new Figure(self::LEAST_MINUTES),
                most: new Figure(self::MOST_MINUTES),
            ));
        }
    }
}
