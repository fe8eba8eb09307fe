<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** One number the computation goes by, with all that is known of it. */
final readonly class Parameter
{
    /**
     * @param string     $name        of the parameter, such as model.moisture-half-life-days
     * @param string     $key         which of its values: a kind, or two with '/' between; '' for its only one
     * @param string     $source      the publication; '' where the origin is not one
     * @param float      $least       below this it would not be believed, in the same unit as the value
     * @param float      $most        above this it would not be believed, in the same unit as the value
     * @param float|null $priorSpread standard deviation of the value's logarithm from salon to salon;
     *                                null: the same for every salon
     *
     * @throws InvalidParameters where the value or its spread is not believable
     */
    public function __construct(
        public string $name,
        public string $key,
        public int|float $value,
        public string $unit,
        public Origin $origin,
        public string $source,
        public float $least,
        public float $most,
        public ?float $priorSpread = null,
    ) {
        if (is_nan((float) $value) || $value < $least || $value > $most) {
            throw new InvalidParameters(
                "{$this->label()}: give {$least} to {$most} {$unit}; {$value} is not believed.",
            );
        }
        if ($priorSpread !== null && ($priorSpread <= 0.0 || $priorSpread > 1.0)) {
            throw new InvalidParameters("{$this->label()}: give a prior spread above 0 and up to 1.");
        }
        if ($origin === Origin::Published && $source === '') {
            throw new InvalidParameters("{$this->label()}: name the publication.");
        }
    }

    /** Its name and key as one. */
    public function label(): string
    {
        return $this->key === '' ? $this->name : "{$this->name} {$this->key}";
    }

    /**
     * @throws InvalidParameters where that value is not believable
     */
    public function withValue(float $value): self
    {
        return new self(
            $this->name,
            $this->key,
            is_int($this->value) ? (int) round($value) : $value,
            $this->unit,
            $this->origin,
            $this->source,
            $this->least,
            $this->most,
            $this->priorSpread,
        );
    }
}
