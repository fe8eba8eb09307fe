<?php

declare(strict_types=1);

namespace App\Drawings;

/** A result as a dot on the range it would have in balance. */
final readonly class ResultRange
{
    /** Room beyond the outermost mark, as a share of what is drawn. */
    private const MARGIN = 0.16;

    /**
     * @param float                    $dot  place of the result, 0 to 100
     * @param float                    $from begin of the range, 0 to 100
     * @param float                    $to   its end
     * @param 'below'|'within'|'above' $side of the range
     * @param float                    $off  widths of the range the result lies beside it; 0 on it
     */
    private function __construct(
        public float $dot,
        public float $from,
        public float $to,
        public string $side,
        public float $off,
    ) {
    }

    /** @param array{float, float} $range in the unit of the value, its smaller end first */
    public static function of(float $value, array $range): self
    {
        [$least, $most] = $range;
        [$low, $high] = [min($value, $least), max($value, $most)];
        $margin = max(0.001, $high - $low) * self::MARGIN;
        $at = static fn (float $of): float => round(
            100 * ($of - $low + $margin) / max(0.001, $high - $low + 2 * $margin),
            1,
        );

        return new self(
            $at($value),
            $at($least),
            $at($most),
            match (true) {
                $value < $least => 'below',
                $value > $most => 'above',
                default => 'within',
            },
            max(0.0, $least - $value, $value - $most) / max(0.001, $most - $least),
        );
    }
}
