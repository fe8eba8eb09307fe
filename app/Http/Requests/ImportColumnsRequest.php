<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Imports\DayOrder;
use App\Bridge\Imports\ImportField;
use App\Bridge\Imports\ImportSubject;
use App\Bridge\Imports\TableReading;
use App\Models\Import;
use App\Wording\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What the lines, columns and words of a table are, as somebody says. */
final class ImportColumnsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'subject' => ['required', Rule::enum(ImportSubject::class)],
            'order' => ['sometimes', Rule::enum(DayOrder::class)],
            'sheet' => ['sometimes', 'integer', 'between:0,99'],
            'header' => ['sometimes', 'nullable', 'integer', 'between:0,99'],
            'columns' => ['sometimes', 'array', 'max:200', $this->onceEach(...)],
            'columns.*' => ['nullable', Rule::enum(ImportField::class)],
            'words' => ['sometimes', 'array'],
            'words.*' => ['array'],
            'words.*.*' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'subject.*' => Words::say('refusals.import.subject'),
            ...array_fill_keys(
                ['order.*', 'sheet.*', 'header.*', 'columns.*.*', 'words.*.*', 'words.*.*.*'],
                Words::say('refusals.import.columns'),
            ),
        ];
    }

    /** As typed, beside what was read before. */
    public function reading(Import $import): TableReading
    {
        $kept = (array) ($import->reading['table'] ?? []);
        $header = $this->validated('header');
        $columns = array_map(
            static fn (mixed $field): string => is_string($field) ? $field : '',
            (array) ($this->validated('columns') ?? $kept['columns'] ?? []),
        );

        return TableReading::of([
            'sheet' => is_numeric($this->validated('sheet')) ? (int) $this->validated('sheet') : $kept['sheet'] ?? 0,
            'header' => $this->has('header') ? (is_numeric($header) ? (int) $header : null) : $kept['header'] ?? null,
            'subject' => $this->validated('subject'),
            'columns' => $columns,
            'order' => $this->validated('order') ?? $kept['order'] ?? '',
            'is_sure' => $this->has('order') || ($kept['is_sure'] ?? false) === true,
            'words' => array_map(
                static fn (mixed $words): array => array_filter((array) $words),
                (array) $this->validated('words', []),
            ) + (array) ($kept['words'] ?? []),
        ]);
    }

    /** @param Closure(string): mixed $fail */
    private function onceEach(string $attribute, mixed $columns, Closure $fail): void
    {
        $chosen = array_filter((array) $columns, static fn (mixed $field): bool => is_string($field) && $field !== '');
        foreach (array_count_values($chosen) as $field => $times) {
            if ($times > 1 && ImportField::tryFrom((string) $field) !== null) {
                $fail(Words::say('refusals.import.column-twice', ['field' => Words::say("import.fields.{$field}")]));
            }
        }
    }
}
