<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use Carbon\CarbonImmutable;

/** What was written down of the person, as it stands in a care record. */
final class ClientDetails
{
    private const TEXTS = [
        'guardian_name', 'consent_by', 'density', 'goals', 'hair_history', 'chemical_history', 'allergies',
        'health_notes', 'overloaded_by',
    ];
    private const DATES = ['born_on', 'consent_on', 'overloaded_on'];
    private const NUMBERS = ['ring_mm', 'strand_um'];
    private const FLAGS = ['tender_edges', 'asthma_or_pregnant', 'bends_without_ring'];

    /** @return array<string, mixed> only what was said; what an imported record carried besides comes last */
    public static function toRecord(Head $head): array
    {
        $intake = [];
        foreach ([...self::TEXTS, ...self::NUMBERS, ...self::FLAGS] as $field) {
            $intake[$field] = $head->getAttribute($field);
        }
        foreach (self::DATES as $field) {
            $date = $head->getAttribute($field);
            $intake[$field] = $date instanceof CarbonImmutable ? $date->format('Y-m-d') : null;
        }
        $besides = $head->carried['intake'] ?? [];

        /** @var array<string, mixed> */
        return array_filter(
            $intake,
            fn (mixed $value): bool => $value !== null && $value !== '' && $value !== false,
        ) + (is_array($besides) ? $besides : []);
    }

    /**
     * @param array<string, mixed> $intake
     *
     * @return array{array<string, mixed>, array<string, mixed>} columns of the head, and what is carried besides
     */
    public static function fromRecord(array $intake): array
    {
        $columns = [];
        foreach ($intake as $field => $value) {
            $fits = match (true) {
                in_array($field, self::TEXTS, true) => is_string($value) && mb_strlen($value) <= 1000,
                in_array($field, self::DATES, true) => is_string($value)
                    && preg_match('/^\d{4}-\d{2}-\d{2}$/', $value) === 1
                    && strtotime($value) !== false,
                in_array($field, self::NUMBERS, true) => is_numeric($value) && $value >= 0 && $value < 1000,
                in_array($field, self::FLAGS, true) => is_bool($value),
                default => false,
            };
            if ($fits) {
                $columns[$field] = $value;
            }
        }
        if (! in_array($columns['density'] ?? 'not-measured', ['low', 'medium', 'high', 'not-measured'], true)) {
            unset($columns['density']);
        }

        return [$columns, array_diff_key($intake, $columns)];
    }
}
