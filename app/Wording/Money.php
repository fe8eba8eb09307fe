<?php

declare(strict_types=1);

namespace App\Wording;

use NumberFormatter;
use Symfony\Component\Intl\Currencies;

/** Sums of money: whole hundredths in the books, with their currency on screen. */
final class Money
{
    /** Currency units: no single sum is larger. What somebody typed too large is refused, not cut off. */
    public const MOST = 10_000_000;

    /**
     * @param string $currency ISO 4217
     * @param string|null $language ISO 639-1; null: of whoever reads
     */
    public static function shown(int $cents, string $currency, ?string $language = null): string
    {
        $formatter = new NumberFormatter($language ?? app()->getLocale(), NumberFormatter::CURRENCY);

        return str_replace('-', '−', (string) $formatter->formatCurrency($cents / 100, $currency));
    }

    /** The largest sum there is, as its reader writes it. */
    public static function most(): string
    {
        return (string) (new NumberFormatter(app()->getLocale(), NumberFormatter::DECIMAL))->format(self::MOST);
    }

    /** @return string as a field shows it: 65 or 65.50, and nothing where there is none */
    public static function typed(?int $cents): string
    {
        return $cents === null ? '' : number_format($cents / 100, $cents % 100 === 0 ? 0 : 2, '.', '');
    }

    /** @return int hundredths in the smallest sum that is asked for: 100 where there is no smaller coin (the yen) */
    public static function smallestCents(string $currency): int
    {
        return Currencies::getFractionDigits($currency) === 0 ? 100 : 1;
    }

    /** @return array<string, string> name in the reader's language by code, of currencies that are paid with today */
    public static function currencies(): array
    {
        /** @var array<string, string> */
        return array_filter(
            Currencies::getNames(app()->getLocale()),
            Currencies::isValidInAnyCountry(...),
            ARRAY_FILTER_USE_KEY,
        );
    }
}
