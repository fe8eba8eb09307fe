<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use BackedEnum;
use DateTimeImmutable;
use InvalidArgumentException;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\Refusal;

/** One object of a record, read field by field; what is wrong is collected with its path and reading goes on. */
final class RecordFields
{
    /** @var array<string, true> */
    private array $asked = [];

    /** @param array<mixed> $values */
    public function __construct(
        private readonly array $values,
        public readonly string $path,
        private readonly RecordProblems $problems,
    ) {
    }

    public function at(string $name): string
    {
        return $this->path === '' ? $name : "{$this->path}.{$name}";
    }

    public function problem(string $name, Message $instead): void
    {
        $this->problems->add($name === '' ? $this->path : $this->at($name), $instead);
    }

    /** What a value of the trade says of itself that it is not. */
    public function refused(string $name, InvalidArgumentException $why): void
    {
        $this->problem($name, $why instanceof Refusal ? $why->saying() : Message::asItIs($why->getMessage()));
    }

    private function value(string $name): mixed
    {
        $this->asked[$name] = true;

        return $this->values[$name] ?? null;
    }

    public function string(string $name, string $default = '', int $most = 4000): string
    {
        $value = $this->value($name) ?? $default;
        if (! is_string($value) || mb_strlen($value) > $most) {
            $this->problem($name, Message::of('records.text', most: $most));

            return $default;
        }

        return $value;
    }

    public function id(string $name): string
    {
        $value = $this->value($name);
        if (! is_string($value) || preg_match('/^[A-Za-z0-9._-]{1,64}$/', $value) !== 1) {
            $this->problem($name, Message::of('records.id'));

            return '';
        }

        return $value;
    }

    public function number(string $name, float $default, float $least, float $most, string $unit): float
    {
        $value = $this->value($name) ?? $default;
        if ((! is_int($value) && ! is_float($value)) || is_nan((float) $value) || $value < $least || $value > $most) {
            $this->problem(
                $name,
                Message::of('records.number', least: new Figure($least), most: new Figure($most), unit: $unit),
            );

            return $default;
        }

        return (float) $value;
    }

    public function integer(string $name, int $default, int $least, int $most, string $unit): int
    {
        $value = $this->value($name) ?? $default;
        if (! is_int($value) || $value < $least || $value > $most) {
            $this->problem($name, Message::of('records.whole-number', least: $least, most: $most, unit: $unit));

            return $default;
        }

        return $value;
    }

    public function boolean(string $name, bool $default = false): bool
    {
        $value = $this->value($name) ?? $default;
        if (! is_bool($value)) {
            $this->problem($name, Message::of('records.boolean'));

            return $default;
        }

        return $value;
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     * @param T|null          $default null: the field must be given
     *
     * @return T|null
     */
    public function choice(string $name, string $enum, ?BackedEnum $default = null): ?BackedEnum
    {
        $value = $this->value($name);
        if ($value === null && $default !== null) {
            return $default;
        }
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $this->problem(
                $name,
                Message::of('records.one-of', choices: array_map(
                    static fn (BackedEnum $case): string => (string) $case->value,
                    $enum::cases(),
                )),
            );
        }

        return $case;
    }

    public function date(string $name): ?DateTimeImmutable
    {
        $value = $this->value($name);
        $date = is_string($value) ? Calendar::day($value) : null;
        if ($date === null || $date->format('Y') < '1990' || $date->format('Y') > '2100') {
            $this->problem($name, Message::of('records.day'));

            return null;
        }

        return $date;
    }

    /** Marks a field as one of the record's own, where it was looked at in another way. */
    public function asked(string $name): void
    {
        $this->asked[$name] = true;
    }

    /** @return list<string> */
    public function strings(string $name): array
    {
        $strings = [];
        foreach ($this->items($name) as $i => $value) {
            if (! is_string($value)) {
                $this->problem("{$name}[{$i}]", Message::of('records.any-text'));
            }
            $strings[] = is_string($value) ? $value : '';
        }

        return $strings;
    }

    /** @return list<DateTimeImmutable> */
    public function dates(string $name): array
    {
        $dates = [];
        foreach ($this->strings($name) as $i => $value) {
            $date = Calendar::day($value);
            if ($date === null) {
                $this->problem("{$name}[{$i}]", Message::of('records.any-day'));
            } else {
                $dates[] = $date;
            }
        }

        return $dates;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }

    public function has(string $name): bool
    {
        return ($this->values[$name] ?? null) !== null;
    }

    public function object(string $name): self
    {
        $value = $this->value($name) ?? [];
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->problem($name, Message::of('records.object'));
            $value = [];
        }

        return new self($value, $this->at($name), $this->problems);
    }

    /** Marks a field that may be null as asked for. */
    public function nothing(string $name): null
    {
        $this->raw($name);

        return null;
    }

    /** @return array<string, mixed> */
    public function raw(string $name): array
    {
        $fields = $this->object($name);
        $raw = [];
        foreach ($fields->values as $key => $value) {
            $raw[(string) $key] = $value;
        }

        return $raw;
    }

    /** @return list<self> */
    public function objects(string $name): array
    {
        $objects = [];
        foreach ($this->items($name) as $i => $value) {
            if (! is_array($value) || ($value !== [] && array_is_list($value))) {
                $this->problem("{$name}[{$i}]", Message::of('records.object'));
                $value = [];
            }
            $objects[] = new self($value, $this->at("{$name}[{$i}]"), $this->problems);
        }

        return $objects;
    }

    /** @return list<mixed> */
    public function items(string $name): array
    {
        $value = $this->value($name) ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            $this->problem($name, Message::of('records.list'));

            return [];
        }

        return $value;
    }

    /** Every field that was never asked for is named as unknown. */
    public function nothingElse(): void
    {
        foreach (array_diff_key($this->values, $this->asked) as $name => $value) {
            $this->problem((string) $name, Message::of('records.unknown-field'));
        }
    }
}
