<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Wording\Money;
use App\Wording\TypedMoney;
use App\Wording\Words;
use DateTimeZone;

/** One line of a table, read by what its columns hold. */
final readonly class LineCells
{
    private const TURNED = '/^(\p{Lu}[\p{L}\'’ \-]+), (?!(?:Jr|Sr|I{1,3})\b)(\p{Lu}[\p{L}\'’ .\-]*)$/u';

    /** @param list<string> $cells */
    public function __construct(
        public int $line,
        private array $cells,
        private TableReading $reading,
        private DateTimeZone $zone,
        private TotalsLine $totalsLine,
    ) {
    }

    public function text(ImportField $field): string
    {
        $place = $this->reading->place($field);

        return $place === null ? '' : trim($this->cells[$place] ?? '');
    }

    public function isEmpty(): bool
    {
        foreach (array_keys($this->reading->columns) as $place) {
            if (trim($this->cells[$place] ?? '') !== '') {
                return false;
            }
        }

        return true;
    }

    /** @param int $latestYear of years of two digits */
    public function day(ImportField $field, int $latestYear): ?TypedDay
    {
        return TypedDay::of($this->text($field), $this->reading->order, $this->zone, $latestYear);
    }

    /**
     * @param int $thisYear nobody is born later
     *
     * @return array{name: string, email: string|null, phone: string|null, born_on: string|null, problems: list<string>}
     */
    public function contact(int $thisYear): array
    {
        // Ortiz, Vesla is Vesla Ortiz; more commas than one are left as they stand.
        $whole = (string) preg_replace(self::TURNED, '$2 $1', $this->text(ImportField::Name));
        [$given, $family] = [$this->text(ImportField::Given), $this->text(ImportField::Family)];

        $contact = Contact::of(
            // Where a first name stands apart, a column called name is the whole one; beside a last name it is not.
            $given !== '' || $whole === '' ? (trim("{$given} {$family}") ?: $whole) : trim("{$whole} {$family}"),
            $this->text(ImportField::Email),
            $this->text(ImportField::Phone),
            $this->day(ImportField::Born, $thisYear)->day ?? '',
        );
        if ($this->totalsLine->isCalled($contact['name'])) {
            $contact['problems'][] = Words::say('import.totals');
        }

        return $contact;
    }

    /** @return int|null minutes of 90, 90 min, 1:30, 1h30 or 1.5 h; null: none is written, or no minutes */
    public function minutes(): ?int
    {
        $typed = mb_strtolower($this->text(ImportField::Minutes));

        return match (true) {
            preg_match('/^(\d{1,3})(?:[.,]0+)? ?(?:m|min|mins|minutes|minutos)?\.?$/', $typed, $part) === 1
                => (int) $part[1],
            preg_match('/^(\d{1,2})(?:[.,](\d))? ?(?:h|hr|hrs|hours?|horas?)$/', $typed, $part) === 1
                => 60 * (int) $part[1] + 6 * (int) ($part[2] ?? 0),
            preg_match('/^(\d{1,2}) ?(?::|h|hr|hrs|hours?) ?(\d{1,2}) ?(?:m|min)?(?::\d\d)?$/', $typed, $part) === 1
                => 60 * (int) $part[1] + (int) $part[2],
            default => null,
        };
    }

    /**
     * @param string $currency ISO 4217
     *
     * @return int|null whole hundredths of 85, 85.5, € 1.234,50 or $1,234.50; null: none is written, or no sum
     */
    public function cents(string $currency): ?int
    {
        $typed = $this->text(ImportField::Price);
        $sum = TypedMoney::from((string) preg_replace('/[^\d.,]/u', '', $typed), $currency);
        // What was given back is no price.
        $isBack = preg_match('/^\s*[(−-]|[−-]\s*$/u', $typed) === 1;
        if ($isBack || $sum === null || is_string($sum) || $sum > Money::MOST) {
            return null;
        }
        $cents = (int) round(100 * $sum);

        return abs($cents - 100 * $sum) < 1e-6 ? $cents : null;
    }

    /** @return string such as clients.csv, line 12 */
    public function where(string $file): string
    {
        return Words::say('data-transfer.line', ['file' => $file, 'place' => $this->line]);
    }
}
