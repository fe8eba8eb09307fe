<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** Words other programs use for columns, treatments and how a visit went, in every language of ours at once. */
final readonly class TableWords
{
    private const LANGUAGES = ['en', 'es'];

    /**
     * @param array<string, string> $columns    field by word
     * @param array<string, string> $treatments by word
     * @param array<string, string> $statuses   by word
     */
    private function __construct(private array $columns, private array $treatments, private array $statuses)
    {
    }

    public static function known(): self
    {
        return new self(self::of('columns'), self::of('treatments'), self::of('statuses'));
    }

    public function column(string $header): ?ImportField
    {
        $plain = KnownClients::plain($header);

        // A column that is called as a treatment holds marks where it was done.
        return ImportField::tryFrom($this->columns[$plain] ?? '')
            ?? ImportField::tryFrom('did-' . ($this->treatments[$plain] ?? ''));
    }

    /** @return string|null as the notebook calls it */
    public function treatment(string $word): ?string
    {
        return $this->treatments[KnownClients::plain($word)] ?? null;
    }

    /** @return string|null value of a BookingStatus */
    public function status(string $word): ?string
    {
        return $this->statuses[KnownClients::plain($word)] ?? null;
    }

    /**
     * @param 'columns'|'treatments'|'statuses'|'totals' $what
     *
     * @return array<string, string> what it means, by each word for it
     */
    public static function of(string $what): array
    {
        $meanings = [];
        foreach (self::LANGUAGES as $language) {
            foreach ((array) trans("import-words.{$what}", [], $language) as $meaning => $words) {
                foreach (explode(',', is_string($words) ? $words : '') as $word) {
                    $meanings[KnownClients::plain($word)] ??= (string) $meaning;
                }
            }
        }

        return $meanings;
    }
}
