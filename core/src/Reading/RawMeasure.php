<?php

declare(strict_types=1);

namespace Nagomi\Core\Reading;

/** One number that a test asks for. */
final readonly class RawMeasure
{
    public function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $least,
        public float $most,
        public bool $whole = false,
    ) {
    }

    /** What is wrong with the given value, as a sentence that says what to type; null where it is right. */
    public function problem(mixed $value): ?string
    {
        $range = $this->range();
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

    private function range(): string
    {
        $number = static fn (float $value): string => str_replace('-', '−', rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.'));

        return $number($this->least) . ' to ' . $number($this->most) . ($this->unit === '' ? '' : ' ' . $this->unit);
    }
}
