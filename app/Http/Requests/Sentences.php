<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** One sentence a field, whatever rule it failed: what to type instead. */
trait Sentences
{
    private const RULES = [
        'required', 'string', 'numeric', 'integer', 'between', 'min', 'max', 'date_format', 'before_or_equal',
        'after_or_equal', 'in', 'array', 'boolean', 'accepted', 'required_if', 'required_with', 'size',
    ];

    /**
     * @param array<string, string> $sentences by field
     *
     * @return array<string, string>
     */
    private function forEveryRule(array $sentences): array
    {
        $messages = [];
        foreach ($sentences as $field => $sentence) {
            foreach (self::RULES as $rule) {
                $messages["{$field}.{$rule}"] = $sentence;
            }
        }

        return $messages;
    }
}
