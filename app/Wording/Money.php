<?php

declare(strict_types=1);

namespace App\Wording;

use NumberFormatter;
use Symfony\Component\Intl\Currencies;

/** Sums of money: whole hundredths in the books, with their currency on screen. */
final class Money
{
    /**
     * @param string $currency ISO 4217
     * @param string|null $language ISO 639-1; null: of whoever reads
     */
    public static function shown(int $cents, string $currency, ?string $language = null): string
    {
        $formatter = new NumberFormatter($language ?? app()->getLocale(), NumberFormatter::CURRENCY);

        return str_replace('-', '−', (string) $formatter->formatCurrency($cents / 100, $currency));
    }

    /** @return array<string, string> name in the reader's language by code, of the currencies that have hundredths and are paid with today */
    public static function currencies(): array
    {
        /** @var array<string, string> */
        return array_filter(
            Currencies::getNames(app()->getLocale()),
            fn (string $code): bool => Currencies::getFractionDigits($code) === 2
                && Currencies::isValidInAnyCountry($code),
            ARRAY_FILTER_USE_KEY,
        );
    }
}
