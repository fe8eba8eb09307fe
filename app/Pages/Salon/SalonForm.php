<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Salon;
use App\Pages\Shared\SeenFields;
use Nagomi\Core\Head\MethodQuestion;

/** What a salon does by default, as its form shows it. */
final readonly class SalonForm
{
    private const PLAIN = [
        'name', 'phone', 'timezone', 'hardness_mg_per_l', 'humidity_percent', 'currency', 'climate',
    ];

    public function name(Salon $salon): string
    {
        return "salon {$salon->id}";
    }

    /** @return array<string, string> by dotted name */
    public function fields(Salon $salon): array
    {
        $fields = [];
        foreach (self::PLAIN as $field) {
            $value = $salon->getAttribute($field);
            $fields[$field] = is_scalar($value) ? (string) $value : '';
        }
        foreach (MethodQuestion::cases() as $question) {
            $fields["method.{$question->value}"] = $salon->method[$question->value] ?? $question->choices()[0];
        }

        return $fields;
    }

    public function seen(Salon $salon): SeenFields
    {
        return SeenFields::of($this->name($salon), $this->fields($salon));
    }
}
