<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

use RuntimeException;

/** All parameters by name and key: as shipped in core/data/parameters.csv, or with values of a salon's own. */
final readonly class ParameterTable
{
    /** @param array<string, array<string, Parameter>> $parameters by name, then by key */
    private function __construct(private array $parameters)
    {
    }

    /** @throws RuntimeException where the shipped table cannot be read or is not believed ({@see InvalidParameters}) */
    public static function shipped(): self
    {
        return self::of(ShippedData::table('parameters.csv'));
    }

    /**
     * @param list<array<string, string>> $rows columns parameter, key, value, unit, origin, source, least, most,
     *     prior_spread
     *
     * @throws InvalidParameters where a row stands there twice or is not believable
     */
    public static function of(array $rows): self
    {
        $parameters = [];
        foreach ($rows as $row) {
            $parameter = self::parameter($row);
            if (isset($parameters[$parameter->name][$parameter->key])) {
                throw new InvalidParameters("{$parameter->label()} stands there twice; give it once.");
            }
            $parameters[$parameter->name][$parameter->key] = $parameter;
        }

        return new self($parameters);
    }

    /** @return list<Parameter> in the order of the table */
    public function all(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->parameters)));
    }

    /** @throws InvalidParameters where there is no such parameter */
    public function one(string $name, string $key = ''): Parameter
    {
        return $this->values($name)[$key] ?? throw new InvalidParameters("{$name} {$key}: there is no such parameter.");
    }

    /**
     * The same table with one value another.
     *
     * @throws InvalidParameters where there is no such parameter or the value is not believable
     */
    public function with(string $name, string $key, float $value): self
    {
        $parameters = $this->parameters;
        $parameters[$name][$key] = $this->one($name, $key)->withValue($value);

        return new self($parameters);
    }

    /** @throws InvalidParameters where the table lacks it */
    public function number(string $name): float
    {
        return (float) $this->one($name)->value;
    }

    /** @throws InvalidParameters where the table lacks it */
    public function whole(string $name): int
    {
        return (int) $this->one($name)->value;
    }

    /**
     * @return array<string, float> by key
     *
     * @throws InvalidParameters where the table lacks it
     */
    public function numbers(string $name): array
    {
        return array_map(static fn (Parameter $parameter): float => (float) $parameter->value, $this->values($name));
    }

    /**
     * @return array<string, int> by key
     *
     * @throws InvalidParameters where the table lacks it
     */
    public function wholes(string $name): array
    {
        return array_map(static fn (Parameter $parameter): int => (int) $parameter->value, $this->values($name));
    }

    /**
     * @return array<string, array<string, float>> by the first and the second half of the key
     *
     * @throws InvalidParameters where the table lacks it
     */
    public function tables(string $name): array
    {
        $tables = [];
        foreach ($this->numbers($name) as $key => $value) {
            [$first, $second] = explode('/', $key, 2) + [1 => ''];
            $tables[$first][$second] = $value;
        }

        return $tables;
    }

    /**
     * @return array<string, list<float>> by the first half of the key, in the order of the table
     *
     * @throws InvalidParameters where the table lacks it
     */
    public function lists(string $name): array
    {
        return array_map(array_values(...), $this->tables($name));
    }

    /**
     * @return array<string, Parameter> by key
     *
     * @throws InvalidParameters where the table lacks it
     */
    private function values(string $name): array
    {
        return $this->parameters[$name] ?? throw new InvalidParameters("{$name}: there is no such parameter.");
    }

    /**
     * @param array<string, string> $row
     *
     * @throws InvalidParameters where it is not believable
     */
    private static function parameter(array $row): Parameter
    {
        $name = $row['parameter'] ?? '';
        $value = $row['value'] ?? '';
        $origin = Origin::tryFrom($row['origin'] ?? '');
        if (! is_numeric($value) || ! is_numeric($row['least'] ?? null) || ! is_numeric($row['most'] ?? null)) {
            throw new InvalidParameters("{$name}: give value, least and most as numbers.");
        }
        if ($origin === null || ($row['unit'] ?? '') === '') {
            $origins = implode(', ', array_column(Origin::cases(), 'value'));
            throw new InvalidParameters("{$name}: give a unit, and an origin of {$origins}.");
        }

        return new Parameter(
            $name,
            $row['key'] ?? '',
            ctype_digit(ltrim($value, '-')) ? (int) $value : (float) $value,
            $row['unit'],
            $origin,
            $row['source'] ?? '',
            (float) $row['least'],
            (float) $row['most'],
            ($row['prior_spread'] ?? '') === '' ? null : (float) $row['prior_spread'],
        );
    }
}
