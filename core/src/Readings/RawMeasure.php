<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

/** One number that a test asks for. */
final readonly class RawMeasure
{
    /**
     * @param bool                      $optional may be left out
     * @param array{
     *     float, float,
     * }|null $likely outside of these it is asked once more; null: all that is possible is likely
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $least,
        public float $most,
        public bool $whole = false,
        public bool $optional = false,
        public ?array $likely = null,
    ) {
    }

    /** What is wrong with the given value, as a sentence that says what to type; null where it is right. */
    public function problem(mixed $value): ?string
    {
        $range = $this->range();
        if ($this->optional && ($value === null || $value === '')) {
            return null;
        }
        if ($value === null || $value === '') {
            return "{$this->label}: type {$range}.";
        }
        if (! is_int($value) && ! is_float($value)) {
            return "{$this->label}: type a number, {$range}.";
        }
        if (! is_finite((float) $value) || $value < $this->least || $value > $this->most) {
            return "{$this->label}: type {$range}.";
        }
        if ($this->whole && floor((float) $value) !== (float) $value) {
            return "{$this->label}: type a whole number, {$range}.";
        }

        return null;
    }

    /** Possible, and yet so far from the usual that it is asked once more. */
    public function isUnlikely(float $value): bool
    {
        return $this->likely !== null && ($value < $this->likely[0] || $value > $this->likely[1]);
    }

    /** The question for an unlikely value; null where the value is likely. */
    public function question(float $value): ?string
    {
        if ($this->likely === null || ! $this->isUnlikely($value)) {
            return null;
        }

        return "{$this->label}: {$this->number($value)}{$this->suffix()} is possible, yet far from the usual {$this->number($this->likely[0])} to {$this->number($this->likely[1])}. Correct it, or take it in once more if it is so.";
    }

    /** The unit of the book where this can also be typed in another; null where it cannot. */
    public function convertible(): ?Unit
    {
        return Unit::tryFrom($this->unit);
    }

    /** The same measure as it is typed in another unit, its limits rounded inwards to what that unit shows. */
    public function in(Unit $unit): self
    {
        if ($this->convertible() === null || $unit === $this->convertible()) {
            return $this;
        }
        $least = static fn (float $value): float => ceil($unit->fromBook($value) * 100) / 100;
        $most = static fn (float $value): float => floor($unit->fromBook($value) * 100) / 100;
        $likely = $this->likely === null ? null : [$least($this->likely[0]), $most($this->likely[1])];

        return new self(
            $this->name,
            $this->label,
            $unit->value,
            $least($this->least),
            $most($this->most),
            false,
            $this->optional,
            $likely,
        );
    }

    private function range(): string
    {
        return "{$this->number($this->least)} to {$this->number($this->most)}{$this->suffix()}";
    }

    private function suffix(): string
    {
        return $this->unit === '' ? '' : " {$this->unit}";
    }

    private function number(float $value): string
    {
        return str_replace(
            '-',
            '−',
            rtrim(
                rtrim(
                    number_format(
                        $value,
                        $this->unit === Unit::Inch->value || $this->unit === Unit::Ounce->value ? 2 : 1,
                        '.',
                        '',
                    ),
                    '0',
                ),
                '.',
            ),
        );
    }
}
