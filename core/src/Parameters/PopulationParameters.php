<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** In what heads of one kind are otherwise than all heads, before anything was read of them. */
final readonly class PopulationParameters
{
    /** @var array<string, array<string, float>> logarithm of times the usual, by rate of the head and by kind of hair */
    public array $shifts;

    /** @var array<string, array<string, float>> how far each may be off, as a standard deviation */
    public array $shiftSds;

    /** standard deviation of such a logarithm from salon to salon */
    public float $spread;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->shifts = self::byRate($table->numbers('population.shift'));
        $this->shiftSds = self::byRate($table->numbers('population.shift-sd'));
        $this->spread = $table->number('population.spread');
    }

    /**
     * @param array<string, float> $numbers by rate/trait/kind
     *
     * @return array<string, array<string, float>> by rate, then trait/kind
     */
    private static function byRate(array $numbers): array
    {
        $byRate = [];
        foreach ($numbers as $key => $number) {
            [$rate, $kind] = explode('/', $key, 2);
            $byRate[$rate][$kind] = $number;
        }

        return $byRate;
    }
}
