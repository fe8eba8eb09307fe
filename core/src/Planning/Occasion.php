<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** Something that is to come, on a day or over several. */
final readonly class Occasion
{
    /** Hair is at its best the day after it was washed and styled, unless this head's own is another. */
    public const USUAL_STYLE_DAY = 2;
    public const LAST_STYLE_DAY = 7;

    /**
     * @param string $what in the words of who set it: a wedding, a week at the sea
     * @param int    $styleDay a day that counts: day of the style on which this hair is at its best, 1 the wash day to 7
     *
     * @throws RefusedInput where it ends before it begins, or for another day of the style
     */
    public function __construct(
        public OccasionKind $kind,
        public DateTimeImmutable $from,
        public DateTimeImmutable $until,
        public string $what = '',
        public int $styleDay = self::USUAL_STYLE_DAY,
    ) {
        if ($styleDay < 1 || $styleDay > self::LAST_STYLE_DAY) {
            throw new RefusedInput(Message::of('refusals.style-day', most: self::LAST_STYLE_DAY));
        }
        if ($until < $from) {
            throw new RefusedInput(Message::of('refusals.occasions'));
        }
    }

    /** The day on which hair is washed and styled for it. */
    public function washedOn(): DateTimeImmutable
    {
        return $this->from->modify('-' . ($this->styleDay - 1) . ' days');
    }

    public function includes(DateTimeImmutable $day): bool
    {
        return $day >= $this->from && $day <= $this->until;
    }
}
