<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** How a table is read: which sheet, what its lines are, what its columns hold, and what its words mean here. */
final readonly class TableReading
{
    /**
     * @param int                                  $sheet   place among the sheets
     * @param int|null                             $header  place of the line that names the columns; null: none does
     * @param array<int, ImportField>              $columns by place; what is not here is left aside
     * @param bool                                 $isSure  of the order of day and month
     * @param array<string, array<string, string>> $words   ours by theirs (plainly written), by field; `leave` leaves
     *     lines out
     */
    public function __construct(
        public int $sheet,
        public ?int $header,
        public ImportSubject $subject,
        public array $columns,
        public DayOrder $order,
        public bool $isSure,
        public array $words = [],
    ) {
    }

    /** @return int|null place of the column that holds it */
    public function place(ImportField $field): ?int
    {
        $place = array_search($field, $this->columns, true);

        return $place === false ? null : $place;
    }

    /** @param array<string, array<string, string>> $words */
    public function withWords(array $words): self
    {
        return new self(
            $this->sheet,
            $this->header,
            $this->subject,
            $this->columns,
            $this->order,
            $this->isSure,
            $words,
        );
    }

    /** @return array<string, mixed> */
    public function kept(): array
    {
        return [
            'sheet' => $this->sheet, 'header' => $this->header, 'subject' => $this->subject->value,
            'columns' => array_map(static fn (ImportField $field): string => $field->value, $this->columns),
            'order' => $this->order->value, 'is_sure' => $this->isSure, 'words' => $this->words,
        ];
    }

    /** @param array<mixed> $kept */
    public static function of(array $kept): self
    {
        $columns = [];
        foreach ((array) ($kept['columns'] ?? []) as $place => $value) {
            $field = is_string($value) ? ImportField::tryFrom($value) : null;
            if ($field !== null) {
                $columns[(int) $place] = $field;
            }
        }
        $words = [];
        foreach ((array) ($kept['words'] ?? []) as $field => $meanings) {
            $words[(string) $field] = array_filter((array) $meanings, is_string(...));
        }
        $text = static fn (string $name): string => is_string($kept[$name] ?? null) ? $kept[$name] : '';

        return new self(
            is_int($kept['sheet'] ?? null) ? $kept['sheet'] : 0,
            is_int($kept['header'] ?? null) ? $kept['header'] : null,
            ImportSubject::tryFrom($text('subject')) ?? ImportSubject::Clients,
            $columns,
            DayOrder::tryFrom($text('order')) ?? DayOrder::DayFirst,
            ($kept['is_sure'] ?? false) === true,
            self::texts($words),
        );
    }

    /**
     * @param array<string, array<mixed>> $words
     *
     * @return array<string, array<string, string>>
     */
    private static function texts(array $words): array
    {
        $texts = [];
        foreach ($words as $field => $meanings) {
            foreach ($meanings as $theirs => $ours) {
                if (is_string($ours)) {
                    $texts[$field][(string) $theirs] = $ours;
                }
            }
        }

        return $texts;
    }
}
