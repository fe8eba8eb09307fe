<?php

declare(strict_types=1);

namespace App\Care\Forms;

use App\Care\Shared\SeenFields;
use App\Models\Salon;
use Nagomi\Core\Head\MethodQuestion;

/** What a salon does by default, as its form shows it. */
final class SalonForm
{
    public static function name(Salon $salon): string
    {
        return "salon {$salon->id}";
    }

    /** @return array<string, string> by dotted name */
    public static function fields(Salon $salon): array
    {
        $fields = [];
        foreach (['name', 'timezone', 'hardness_mg_per_l', 'humidity_percent', 'currency', 'climate'] as $field) {
            $value = $salon->getAttribute($field);
            $fields[$field] = is_scalar($value) ? (string) $value : '';
        }
        foreach (MethodQuestion::cases() as $question) {
            $fields["method.{$question->value}"] = $salon->method[$question->value] ?? $question->choices()[0];
        }

        return $fields;
    }

    public static function seen(Salon $salon): SeenFields
    {
        return SeenFields::of(self::name($salon), self::fields($salon));
    }
}
