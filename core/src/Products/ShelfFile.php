<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DateTimeImmutable;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Message;

/** A shelf as a salon gives it out: one line a bottle, comma-separated, with names of columns in the first line. */
final readonly class ShelfFile
{
    /** @param array<string, string> $row */
    private function __construct(private array $row, private int $line)
    {
    }

    /**
     * @param list<array<int, string|null>> $lines cells by line, as they stand in the file; an empty line has one null
     *
     * @return list<ShelfBottle>
     *
     * @throws InvalidShelf with the line that is wrong
     */
    public static function of(array $lines): array
    {
        $columns = array_map(
            static fn (?string $cell): string => trim((string) preg_replace('/^\xEF\xBB\xBF/', '', (string) $cell)),
            $lines[0] ?? [],
        );
        if (array_diff(['name', 'kind'], $columns) !== []) {
            throw new InvalidShelf(Message::of('products.shelf.columns'));
        }
        $bottles = [];
        foreach (array_slice($lines, 1, preserve_keys: true) as $i => $cells) {
            if ($cells !== [null]) {
                $cells = array_slice(array_pad($cells, count($columns), ''), 0, count($columns));
                $row = array_combine($columns, array_map(self::cell(...), $cells));
                $bottles[] = (new self($row, $i + 1))->bottle();
            }
        }

        return $bottles;
    }

    /** What begins like a formula was given an apostrophe, so that no spreadsheet takes it for one. */
    private static function cell(?string $cell): string
    {
        return (string) preg_replace('/^\'(?=[=+\-@\t\r\'])/', '', trim((string) $cell));
    }

    /** @throws InvalidShelf */
    private function bottle(): ShelfBottle
    {
        $kinds = Message::of('products.shelf.kind', kinds: array_column(ProductKind::cases(), 'value'));
        $left = $this->number('left_ml');
        $label = $this->number('label_minutes');
        if ($label !== null && ($label < 1 || $label > BottleContents::MOST_LABEL_MINUTES)) {
            throw $this->wrong('label_minutes', Message::of(
                'products.shelf.minutes',
                most: BottleContents::MOST_LABEL_MINUTES,
            ));
        }

        return new ShelfBottle(
            $this->row['name'] === ''
                ? throw $this->wrong('name', Message::of('products.shelf.name'))
                : $this->row['name'],
            ProductKind::tryFrom($this->row['kind']) ?? throw $this->wrong('kind', $kinds),
            $this->row['ingredients'] ?? '',
            $this->number('size_ml'),
            $left,
            $this->number('price'),
            $label === null ? null : (int) $label,
            new Stock($left ?? 0.0, $this->day('opened_on'), self::whole($this->number('months_open')), $this->day(
                'made_on',
            ), self::whole($this->number('keeps_days'))),
        );
    }

    private static function whole(?float $number): ?int
    {
        return $number === null ? null : (int) $number;
    }

    /** @throws InvalidShelf */
    private function number(string $column): ?float
    {
        $cell = $this->row[$column] ?? '';
        if ($cell !== '' && preg_match('/^\d{1,9}(\.\d{1,9})?$/', $cell) !== 1) {
            throw $this->wrong($column, Message::of('products.shelf.number'));
        }

        return $cell === '' ? null : (float) $cell;
    }

    /** @throws InvalidShelf */
    private function day(string $column): ?DateTimeImmutable
    {
        $cell = $this->row[$column] ?? '';

        return $cell === '' ? null : Calendar::day($cell) ?? throw $this->wrong(
            $column,
            Message::of('products.shelf.day'),
        );
    }

    private function wrong(string $column, Message $instead): InvalidShelf
    {
        return new InvalidShelf(Message::of(
            'products.shelf.line',
            line: $this->line,
            column: $column,
            instead: $instead,
        ));
    }
}
