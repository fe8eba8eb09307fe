<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

/** The bottle of a step of a running wash day: the planned one, or the one that was taken instead. */
final readonly class StepBottle
{
    private function __construct(
        public string $id,
        public string $name,
        public float $ml,
        public ?float $labelMinutes = null,
    ) {
    }

    /**
     * @param array<string, mixed> $step of the plan
     *
     * @return self|null null where it takes none, or one that is none of this step's
     */
    public static function taken(array $step, WashSessionState $state): ?self
    {
        $said = $state->said(is_string($step['key'] ?? null) ? $step['key'] : '');
        $bottle = self::named($step, $said['bottle']);

        return $bottle === null || $said['ml'] === null
            ? $bottle
            : new self($bottle->id, $bottle->name, $said['ml'], $bottle->labelMinutes);
    }

    /**
     * @param array<string, mixed> $step of the plan
     * @param string|null          $id   null: the planned one
     */
    public static function named(array $step, ?string $id): ?self
    {
        $others = is_array($step['others'] ?? null) ? array_values($step['others']) : [];
        foreach ([$step['product'] ?? null, ...$id === null ? [] : $others] as $bottle) {
            if (is_array($bottle) && is_string($bottle['id'] ?? null) && ($id === null || $bottle['id'] === $id)) {
                return new self(
                    $bottle['id'],
                    is_string($bottle['name'] ?? null) ? $bottle['name'] : '',
                    is_numeric($bottle['ml'] ?? null) ? (float) $bottle['ml'] : 0.0,
                    is_numeric($bottle['label_minutes'] ?? null) ? (float) $bottle['label_minutes'] : null,
                );
            }
        }

        return null;
    }
}
