<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Bridge\Tables\Sheet;
use App\Models\Salon;
use DateTimeZone;

/** How a table is most likely meant: by what its columns are called, and where that says nothing by what they hold. */
final readonly class TableGuess
{
    private const HEADER_WITHIN_LINES = 10;
    private const LOOKED_AT_LINES = 200;

    /** Where most of a column looks like something, it is that. */
    private const MOST = 0.7;

    private const TWO_WORDS = '/^\p{L}[\p{L}.\'’\-]+(?: \p{L}[\p{L}.\'’\-]*){1,4}$/u';

    /** Countries that write the month first; common practice, no source. */
    private const MONTH_FIRST_IN = ['US', 'PH'];

    /** @param list<Sheet> $sheets */
    public static function of(array $sheets, Salon $salon): TableReading
    {
        $words = TableWords::known();
        $best = null;
        foreach ($sheets as $place => $sheet) {
            $guess = self::sheet($sheet, $place, $salon, $words);
            if ($best === null || count($guess->columns) > count($best->columns)) {
                $best = $guess;
            }
        }

        return $best ?? new TableReading(0, null, ImportSubject::Clients, [], DayOrder::DayFirst, true);
    }

    /** A table that says by its header, or by what it holds, that it is of people at all. */
    public static function isTable(Sheet $sheet, Salon $salon): bool
    {
        $columns = self::sheet($sheet, 0, $salon, TableWords::known())->columns;

        return array_any($columns, static fn (ImportField $field): bool => in_array(
            $field,
            [ImportField::Name, ImportField::Given, ImportField::Family, ImportField::Email],
            true,
        ));
    }

    /** @param ImportSubject|null $said what the lines are, as somebody said; null: as it looks */
    public static function sheet(
        Sheet $sheet,
        int $place,
        Salon $salon,
        TableWords $words,
        ?ImportSubject $said = null,
    ): TableReading {
        [$header, $columns] = self::header($sheet, $words);
        $below = array_slice(
            array_column(array_slice($sheet->lines, $header === null ? 0 : $header + 1), 1),
            0,
            self::LOOKED_AT_LINES,
        );
        $columns = self::byContent($columns, $below, $sheet->width(), $words);
        $subject = $said ?? self::subject($columns, $below);
        $dates = [];
        foreach ($columns as $at => $field) {
            $dates = $field->isDay() ? [...$dates, ...array_column($below, $at)] : $dates;
        }
        $order = TypedDay::order($dates);

        return new TableReading(
            $place,
            $header,
            $subject,
            array_filter($columns, static fn (ImportField $field): bool => in_array(
                $field,
                ImportField::of($subject),
                true,
            )),
            $order ?? self::usualOrder($salon),
            $order !== null || ! array_any($dates, TypedDay::needsOrder(...)),
        );
    }

    /** @return array{int|null, array<int, ImportField>} place of the line that names most columns, and what it names */
    private static function header(Sheet $sheet, TableWords $words): array
    {
        $best = [null, []];
        foreach (array_slice($sheet->lines, 0, self::HEADER_WITHIN_LINES) as $place => [, $cells]) {
            $columns = [];
            foreach ($cells as $at => $cell) {
                $field = $words->column($cell);
                if ($field !== null && ! in_array($field, $columns, true)) {
                    $columns[$at] = $field;
                }
            }
            if (count($columns) > count($best[1])) {
                $best = [$place, $columns];
            }
        }
        // A first line of words alone names columns, if none that we know.
        if ($best[0] === null && $sheet->lines !== [] && ! self::holdsData($sheet->lines[0][1])) {
            $best[0] = 0;
        }

        return $best;
    }

    /** @param list<string> $cells */
    private static function holdsData(array $cells): bool
    {
        return array_any($cells, static fn (string $cell): bool => preg_match('/\d|@/', $cell) === 1);
    }

    /**
     * @param array<int, ImportField> $columns
     * @param list<list<string>>      $below
     *
     * @return array<int, ImportField>
     */
    private static function byContent(array $columns, array $below, int $width, TableWords $words): array
    {
        for ($at = 0; $at < $width; $at++) {
            $cells = array_filter(array_column($below, $at), static fn (string $cell): bool => $cell !== '');
            if (isset($columns[$at]) || $cells === []) {
                continue;
            }
            foreach (self::looks($words) as $field => $looks) {
                $fits = count(array_filter($cells, $looks)) / count($cells);
                if ($fits >= self::MOST && ! in_array(ImportField::from($field), $columns, true)) {
                    $columns[$at] = ImportField::from($field);
                    break;
                }
            }
        }

        return $columns;
    }

    /** @return array<string, callable(string): bool> */
    private static function looks(TableWords $words): array
    {
        $isMinute = static fn (string $cell): bool => preg_match('/[:h]/', $cell) === 1
            && TypedDay::minute($cell) !== null;

        return [
            'email' => static fn (string $cell): bool => filter_var($cell, FILTER_VALIDATE_EMAIL) !== false,
            'time' => $isMinute,
            'treatment' => static fn (string $cell): bool => $words->treatment($cell) !== null,
            'status' => static fn (string $cell): bool => $words->status($cell) !== null,
            // A day of birth is not guessed: who was born when is asked by name.
            'day' => static fn (string $cell): bool => self::isLately($cell),
            'phone' => static fn (string $cell): bool => preg_match('/^[+(]?[\d][\d ()\/.\-]{6,18}$/', $cell) === 1
                && ! self::isLately($cell),
            'name' => static fn (string $cell): bool => preg_match(self::TWO_WORDS, $cell) === 1,
        ];
    }

    /** @param string $cell any */
    private static function isLately(string $cell): bool
    {
        $day = TypedDay::of($cell, DayOrder::DayFirst, new DateTimeZone('UTC'), (int) date('Y') + 2)
            ?? TypedDay::of($cell, DayOrder::MonthFirst, new DateTimeZone('UTC'), (int) date('Y') + 2);

        return $day !== null && $day->day >= '2015-01-01' && preg_match('/\D/', $cell) === 1;
    }

    /**
     * @param array<int, ImportField> $columns
     * @param list<list<string>>      $below
     */
    private static function subject(array $columns, array $below): ImportSubject
    {
        $has = static fn (ImportField $field): bool => in_array($field, $columns, true);
        $day = array_search(ImportField::Day, $columns, true);
        $isTimed = $day !== false && array_any(
            array_column($below, $day),
            static fn (string $cell): bool => preg_match('/[ T]\d{1,2}[:.h]\d{2}/', $cell) === 1
                && preg_match('/ 00:00(:00)?$/', $cell) !== 1,
        );

        return match (true) {
            $day === false => ImportSubject::Clients,
            ($has(ImportField::Treatment) || array_any(ImportField::marks(), $has))
                && ! $has(ImportField::Time) && ! $isTimed => ImportSubject::Treatments,
            $has(ImportField::Time) || $has(ImportField::Service) || $isTimed => ImportSubject::Bookings,
            default => ImportSubject::Clients,
        };
    }

    private static function usualOrder(Salon $salon): DayOrder
    {
        $country = (string) \IntlTimeZone::getRegion($salon->timezone);

        return in_array($country, self::MONTH_FIRST_IN, true) ? DayOrder::MonthFirst : DayOrder::DayFirst;
    }
}
