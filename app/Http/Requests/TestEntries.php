<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Readings\Unit;

/**
 * Reads the tests off a form: `raw[test][measure]` for the place chosen above, `zones[zone][test][measure]` for one
 * place each.
 */
final readonly class TestEntries
{
    /** @param array<string, Unit> $units as typed, by kind */
    private function __construct(private array $units)
    {
    }

    /**
     * @param array<mixed> $input
     *
     * @return list<TestEntry> those in which anything was filled in
     */
    public static function of(array $input, ?Zone $place): array
    {
        $entries = new self(self::units($input['unit'] ?? []));
        $found = $entries->read($input['raw'] ?? [], $place, 'raw');
        foreach (Zone::cases() as $zone) {
            $typed = is_array($input['zones'] ?? null) ? ($input['zones'][$zone->value] ?? []) : [];
            $found = [...$found, ...$entries->read($typed, $zone, "zones.{$zone->value}")];
        }

        return $found;
    }

    /** @return array<string, Unit> by kind; what is no unit of its kind is left out */
    public static function units(mixed $typed): array
    {
        $units = [];
        foreach (is_array($typed) ? $typed : [] as $kind => $unit) {
            $unit = is_string($unit) ? Unit::tryFrom($unit) : null;
            if ($unit !== null && $unit->kind() === $kind) {
                $units[(string) $kind] = $unit;
            }
        }

        return $units;
    }

    /** @return list<TestEntry> */
    private function read(mixed $typed, ?Zone $zone, string $path): array
    {
        $entries = [];
        $typed = is_array($typed) ? $typed : [];
        foreach ($typed === [] ? [] : TestCatalogue::tests() as $name => $test) {
            $fields = is_array($typed[$name] ?? null) ? $typed[$name] : [];
            [$raw, $others] = match ($name) {
                'wet-stretch' => $this->listed($test, $fields, 'hairs'),
                'detangling' => $this->detangling($test, $fields),
                default => $this->numbers($test, $fields),
            };
            if ($raw !== []) {
                $entries[] = new TestEntry($name, $zone, $raw, $others, "{$path}.{$name}");
            }
        }

        return $entries;
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array{array<string, mixed>, array<string, array{value: float, unit: string}>}
     */
    private function numbers(Test $test, array $fields): array
    {
        $raw = $others = [];
        foreach ($fields as $field => $value) {
            $number = TypedNumber::from($value);
            if ($number === null) {
                continue;
            }
            $unit = $this->unitOf($test, (string) $field);
            if ($unit !== null && is_numeric($number)) {
                $others[(string) $field] = ['value' => (float) $number, 'unit' => $unit->value];
                // A tenth of a thousandth: the conversion's own dust, not what was typed.
                $number = round($unit->toBook((float) $number), 4);
            }
            $raw[(string) $field] = $number;
        }

        return [$raw, $others];
    }

    /** The unit a field is typed in, where that is not the book's. */
    private function unitOf(Test $test, string $field): ?Unit
    {
        foreach ($test->rawMeasures() as $measure) {
            $book = $measure->convertible();
            if ($measure->name === $field && $book !== null) {
                $unit = $this->units[$book->kind()] ?? $book;

                return $unit === $book ? null : $unit;
            }
        }

        return null;
    }

    /**
     * A list of hairs or sections, each with its own fields; lines left empty are left out.
     *
     * @param array<mixed> $fields
     *
     * @return array{array<string, mixed>, array<string, array{value: float, unit: string}>}
     */
    private function listed(Test $test, array $fields, string $list): array
    {
        $lines = $others = [];
        foreach (is_array($fields[$list] ?? null) ? $fields[$list] : [] as $line) {
            $line = is_array($line) ? $line : [];
            [$numbers, $typed] = $this->numbers($test, array_diff_key($line, ['snapped' => 0, 'tool' => 0]));
            if ($numbers === []) {
                continue;
            }
            foreach ($typed as $field => $one) {
                $others["{$list}." . count($lines) . ".{$field}"] = $one;
            }
            $lines[] = $numbers + (($line['snapped'] ?? '') === '1' ? ['snapped' => true] : []) + (
                is_string($line['tool'] ?? null) ? ['tool' => $line['tool']] : []
            );
        }

        return [$lines === [] ? [] : [$list => $lines], $others];
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array{array<string, mixed>, array<string, array{value: float, unit: string}>}
     */
    private function detangling(Test $test, array $fields): array
    {
        [$timed] = $this->listed($test, $fields, 'timed');
        [$numbers] = $this->numbers($test, array_diff_key($fields, ['timed' => 0]));

        return [$timed + ($timed === [] ? $numbers : array_diff_key($numbers, ['minutes' => 0, 'sections' => 0])), []];
    }
}
