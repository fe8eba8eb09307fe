<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ContentParameters;
use Nagomi\Core\Treatments\Content;

/**
 * How alike two bottles are in what they hold and how they slip, whatever they are called. Amounts count as alike
 * within a factor: a list says its order, not its numbers.
 */
final readonly class BottleLikeness
{
    private const SLIPS = ['low' => 0, 'medium' => 1, 'high' => 2];

    /**
     * @param list<Content> $alike what both hold, about as much of it
     * @param list<Content> $less  what the second holds clearly less of
     * @param list<Content> $more  what the second holds clearly more of
     * @param int           $slip  of the second beside the first: -1 surely less, 0 perhaps the same, 1 surely more
     */
    private function __construct(
        public array $alike,
        public array $less,
        public array $more,
        public int $slip,
    ) {
    }

    public static function of(BottleProfile $one, BottleProfile $other, ContentParameters $parameters): self
    {
        $found = ['alike' => [], 'less' => [], 'more' => []];
        foreach (Content::cases() as $content) {
            $a = $one->contents->of($content)->typicalPercent;
            $b = $other->contents->of($content)->typicalPercent;
            if (max($a, $b) < $parameters->countsFromPercent) {
                continue;
            }
            $times = max($b, $parameters->countsFromPercent / 2) / max($a, $parameters->countsFromPercent / 2);
            $found[match (true) {
                $times > $parameters->alikeTimes => 'more',
                $times < 1 / $parameters->alikeTimes => 'less',
                default => 'alike',
            }][] = $content;
        }

        return new self($found['alike'], $found['less'], $found['more'], self::slip($one->slip, $other->slip));
    }

    /** Whether the one can stand in for the other without a difference that the hair would notice. */
    public function isAlike(): bool
    {
        return $this->less === [] && $this->more === [] && $this->slip === 0;
    }

    /** @return float 0 to 1: of all that either holds, and of slip, how much is alike */
    public function share(): float
    {
        $alike = count($this->alike) + ($this->slip === 0 ? 1 : 0);

        return $alike / (count($this->alike) + count($this->less) + count($this->more) + 1);
    }

    /**
     * @param array{string, string} $one
     * @param array{string, string} $other
     */
    private static function slip(array $one, array $other): int
    {
        return match (true) {
            self::SLIPS[$other[0]] > self::SLIPS[$one[1]] => 1,
            self::SLIPS[$other[1]] < self::SLIPS[$one[0]] => -1,
            default => 0,
        };
    }
}
