<?php

declare(strict_types=1);

namespace App\Wording;

use NumberFormatter;
use Symfony\Component\Intl\Currencies;

/**
 * A sum of money as somebody typed it: 12500, 12 500, 12,500, 12.500, 1.250,50, R 95,50 or 65 €. Three digits behind
 * the only sign are thousands, but where the currency itself has three.
 */
final class TypedMoney
{
    private const BLANKS = '/[\s\x{00A0}\x{202F}\'’]+/u';

    /**
     * @param string $currency ISO 4217
     *
     * @return int|float|string|null currency units, null where nothing was typed, or the text as it was where it is no
     * sum
     */
    public static function from(mixed $typed, string $currency): int|float|string|null
    {
        if (! is_string($typed)) {
            return is_int($typed) || is_float($typed) ? $typed : null;
        }
        $text = str_replace('−', '-', (string) preg_replace(self::BLANKS, '', $typed));
        $number = self::grouped(self::withoutMark($text, $currency), Currencies::getFractionDigits($currency) === 3);

        return match (true) {
            $text === '' => null,
            preg_match('/^-?\d{1,15}$/', $number) === 1 => (int) $number,
            preg_match('/^-?(\d{1,15}\.?\d*|\.\d+)$/', $number) === 1 => (float) $number,
            default => $typed,
        };
    }

    /** Without the currency's code or sign, before or behind. */
    private static function withoutMark(string $text, string $currency): string
    {
        // A code of ISO 4217 begins with its country's code of ISO 3166, where a single country pays with it.
        $land = substr($currency, 0, 2);
        $there = new NumberFormatter("en_{$land}@currency={$currency}", NumberFormatter::CURRENCY);
        $signs = [Currencies::getSymbol($currency, 'en'), (string) $there->getSymbol(NumberFormatter::CURRENCY_SYMBOL)];
        $marks = implode('|', array_map(
            static fn (string $mark): string => preg_quote((string) preg_replace(self::BLANKS, '', $mark), '/'),
            [$currency, ...$signs],
        ));

        return (string) preg_replace(["/^(?:{$marks}|\p{Sc})/iu", "/(?:{$marks}|\p{Sc})$/iu"], '', $text);
    }

    /** @return string with a point before the decimals and nothing between the thousands, where it can be read so */
    private static function grouped(string $text, bool $hasThousandths): string
    {
        $groups = $hasThousandths ? '{2,}' : '+';

        return match (true) {
            preg_match("/^-?[1-9]\d{0,2}(?:(?:,\d{3}){$groups}|(?:\.\d{3}){$groups})$/", $text) === 1
                => str_replace([',', '.'], '', $text),
            preg_match('/^-?[1-9]\d{0,2}(?:,\d{3})+\.\d+$/', $text) === 1 => str_replace(',', '', $text),
            preg_match('/^-?[1-9]\d{0,2}(?:\.\d{3})+,\d+$/', $text) === 1
                => str_replace(['.', ','], ['', '.'], $text),
            default => str_replace(',', '.', $text),
        };
    }
}
