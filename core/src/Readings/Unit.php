<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

/**
 * The units a measure can be typed in. The book keeps one of each kind; the others are converted when they are typed.
 * Inch, ounce and fluid ounce are exact (NIST Special Publication 811, appendix B; from memory); a grain per US gallon
 * is
 * 64.798 91 mg in 3.785 411 784 L.
 */
enum Unit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';
    case Celsius = '°C';
    case Fahrenheit = '°F';
    case Millilitre = 'mL';
    case FluidOunce = 'fl oz';
    case Gram = 'g';
    case Ounce = 'oz';
    case MilligramPerLitre = 'mg/L CaCO₃';
    case GrainPerGallon = 'grains/US gal';

    /** The unit the book keeps this one's measures in. */
    public function ofTheBook(): self
    {
        return match ($this) {
            self::Millimetre, self::Inch => self::Millimetre,
            self::Celsius, self::Fahrenheit => self::Celsius,
            self::Millilitre, self::FluidOunce => self::Millilitre,
            self::Gram, self::Ounce => self::Gram,
            self::MilligramPerLitre, self::GrainPerGallon => self::MilligramPerLitre,
        };
    }

    /** What it measures; a stylist chooses one unit for each. */
    public function kind(): string
    {
        return match ($this->ofTheBook()) {
            self::Millimetre => 'length',
            self::Celsius => 'temperature',
            self::Millilitre => 'volume',
            self::Gram => 'mass',
            default => 'hardness',
        };
    }

    /** @return non-empty-list<self> the unit of the book first */
    public function alternatives(): array
    {
        $book = $this->ofTheBook();

        return [
            $book,
            ...array_values(array_filter(
                self::cases(),
                static fn (self $unit): bool => $unit !== $book && $unit->ofTheBook() === $book,
            )),
        ];
    }

    public function toBook(float $value): float
    {
        return ($value - $this->zero()) * $this->size();
    }

    public function fromBook(float $value): float
    {
        return $value / $this->size() + $this->zero();
    }

    /**
     * What a page needs to convert by itself: a value of the book is (typed − zero) · size.
     *
     * @return array<string, array{size: float, zero: float}> by sign
     */
    public static function factors(): array
    {
        $factors = [];
        foreach (self::cases() as $unit) {
            $factors[$unit->value] = ['size' => $unit->size(), 'zero' => $unit->zero()];
        }

        return $factors;
    }

    /** How many of the book's unit one of this is. */
    private function size(): float
    {
        return match ($this) {
            self::Inch => 25.4,
            self::Fahrenheit => 1 / 1.8,
            self::FluidOunce => 29.5735295625,
            self::Ounce => 28.349523125,
            self::GrainPerGallon => 64.79891 / 3.785411784,
            default => 1.0,
        };
    }

    /** Where this unit stands when the book's stands at zero: temperatures begin elsewhere. */
    private function zero(): float
    {
        return $this === self::Fahrenheit ? 32.0 : 0.0;
    }
}
