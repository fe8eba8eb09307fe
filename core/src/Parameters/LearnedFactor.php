<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/**
 * What a salon can learn of its own: one factor on all values of a parameter, so that their proportions stay as shipped.
 * Readings of a few months tell how steep signs are as a whole; they hardly tell each sign's slope from another's. How
 * far heads and treatments differ is learned with it: a state thought wider than it is looks like signs that are flat.
 */
enum LearnedFactor: string
{
    case Spread = 'spread';
    case Slopes = 'slopes';
    case Noise = 'noise';
    case MoistureFading = 'moisture-fading';
    case ProteinFading = 'protein-fading';
    case MoistureGains = 'moisture-gains';
    case ProteinGains = 'protein-gains';

    /** @return non-empty-list<string> names of the parameters whose values it multiplies */
    public function parameters(): array
    {
        return match ($this) {
            self::Spread => ['model.start-sd', 'treatments.effect-sd', 'treatments.effect-sd-at-home'],
            self::Slopes => ['signs.sign-slopes'],
            self::Noise => ['signs.reading-sd'],
            self::MoistureFading => ['model.moisture-half-life-days'],
            self::ProteinFading => ['model.protein-half-life-days'],
            self::MoistureGains => ['treatments.moisture-of'],
            self::ProteinGains => ['treatments.protein-of'],
        };
    }

    /**
     * The same parameters with each of its values that differs from salon to salon so many times as large, as far as it
     * is believable.
     *
     * @param float $factor above 0
     *
     * @throws InvalidParameters where the table lacks the parameter
     */
    public function times(float $factor, Parameters $parameters): Parameters
    {
        $table = $parameters->table;
        foreach ($this->of($parameters) as $one) {
            $value = max($one->least, min($one->most, $factor * $one->value));
            $table = $table->with($one->name, $one->key, $value);
        }

        return new Parameters($table);
    }

    /**
     * @return float standard deviation of the factor's logarithm from salon to salon: the widest of its values'
     *
     * @throws InvalidParameters where the table lacks the parameter
     */
    public function priorSpread(Parameters $parameters): float
    {
        return max(array_map(
            static fn (Parameter $one): float => $one->priorSpread ?? 0.0,
            $this->of($parameters),
        ));
    }

    /**
     * @return non-empty-list<Parameter> that differ from salon to salon
     *
     * @throws InvalidParameters where the table lacks them
     */
    public function of(Parameters $parameters): array
    {
        $of = [];
        foreach ($this->parameters() as $name) {
            foreach (array_keys($parameters->table->numbers($name)) as $key) {
                $one = $parameters->table->one($name, (string) $key);
                $of = $one->priorSpread === null ? $of : [...$of, $one];
            }
        }

        return $of === [] ? throw new InvalidParameters("{$this->value}: no salon differs in it.") : $of;
    }
}
