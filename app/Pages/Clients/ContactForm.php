<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Head;
use App\Pages\Shared\SeenFields;

/** How a client is called and reached, as its form shows it. */
final readonly class ContactForm
{
    private const FIELDS = ['name', 'email', 'phone', 'reminded_by', 'language', 'household'];

    public function name(Head $head): string
    {
        return "contact {$head->id}";
    }

    /** @return array<string, string> by name */
    public function fields(Head $head): array
    {
        $fields = [];
        foreach (self::FIELDS as $field) {
            $value = $head->getAttribute($field);
            $fields[$field] = is_string($value) ? $value : '';
        }

        return $fields;
    }

    public function seen(Head $head): SeenFields
    {
        return SeenFields::of($this->name($head), $this->fields($head));
    }
}
