<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

/** One number that a test asks for. */
final readonly class RawMeasure
{
    /** Units that are words, by the key of their words. */
    private const WORDED = [
        'of 2' => 'of-2', 'of 10' => 'of-10', 'hairs' => 'hairs', 'minutes' => 'minutes', 'days' => 'days',
        'times' => 'times', 'a section' => 'a-section', '(stiff to mushy)' => 'stiff-to-mushy',
        '% of dry weight' => 'of-dry-weight',
    ];

    /**
     * @param bool                      $optional may be left out
     * @param array{
     *     float, float,
     * }|null $likely outside of these it is asked once more; null: all that is possible is likely
     */
    public function __construct(
        public string $name,
        public Message $label,
        public string $unit,
        public float $least,
        public float $most,
        public bool $whole = false,
        public bool $optional = false,
        public ?array $likely = null,
    ) {
    }

    /** What is wrong with the given value, as a sentence that says what to type; null where it is right. */
    public function problem(mixed $value): ?Message
    {
        $isLeftOut = $value === null || $value === '';
        $isNumber = is_int($value) || is_float($value);
        $wrong = match (true) {
            $isLeftOut => $this->optional ? null : 'range',
            ! $isNumber => 'number',
            ! is_finite((float) $value) || $value < $this->least || $value > $this->most => 'range',
            $this->whole && floor((float) $value) !== (float) $value => 'whole-number',
            default => null,
        };

        return $wrong === null ? null : Message::of(
            "tests.problems.{$wrong}",
            label: $this->label,
            least: $this->number($this->least),
            most: $this->number($this->most),
            unit: $this->suffix(),
        );
    }

    /** Possible, and yet so far from the usual that it is asked once more. */
    public function isUnlikely(float $value): bool
    {
        return $this->likely !== null && ($value < $this->likely[0] || $value > $this->likely[1]);
    }

    /** The question for an unlikely value; null where the value is likely. */
    public function question(float $value): ?Message
    {
        return $this->likely === null || ! $this->isUnlikely($value) ? null : Message::of(
            'tests.questions.unlikely',
            label: $this->label,
            value: $this->number($value),
            unit: $this->suffix(),
            least: $this->number($this->likely[0]),
            most: $this->number($this->likely[1]),
        );
    }

    /** The unit as it is said; a sign is the same in every language. */
    public function unitWords(): Message
    {
        return isset(self::WORDED[$this->unit])
            ? Message::of('tests.units.' . self::WORDED[$this->unit])
            : Message::asItIs($this->unit);
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

    private function suffix(): Message|string
    {
        return $this->unit === '' ? '' : Message::of('tests.units.after', unit: $this->unitWords());
    }

    private function number(float $value): Figure
    {
        $decimals = $this->unit === Unit::Inch->value || $this->unit === Unit::Ounce->value ? 2 : 1;

        return new Figure(round($value, $decimals));
    }
}
