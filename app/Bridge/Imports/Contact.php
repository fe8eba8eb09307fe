<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Wording\Words;
use DateTimeImmutable;

/** A person as an address book has them, with what is wrong said in sentences. */
final class Contact
{
    public const LONGEST_NAME = 120;
    public const LONGEST_MAIL = 190;
    public const LONGEST_PHONE = 60;

    /**
     * @return array{name: string, email: string|null, phone: string|null, born_on: string|null, problems: list<string>}
     */
    public static function of(string $name, string $email, string $phone, string $born): array
    {
        $name = self::clean($name);
        $email = self::clean((string) preg_replace('/^mailto:/i', '', $email));
        $phone = self::clean((string) preg_replace('/^tel:/i', '', $phone));
        $day = self::day($born);

        return [
            'name' => mb_substr($name, 0, self::LONGEST_NAME),
            'email' => $email === '' ? null : mb_substr($email, 0, self::LONGEST_MAIL),
            'phone' => $phone === '' ? null : mb_substr($phone, 0, self::LONGEST_PHONE),
            'born_on' => $day,
            'problems' => self::said([
                $name === '' ? Words::say('data-transfer.no-name') : null,
                mb_strlen($name) > self::LONGEST_NAME
                    ? Words::say('data-transfer.long-name', ['most' => self::LONGEST_NAME])
                    : null,
                $email !== ''
                    && (filter_var($email, FILTER_VALIDATE_EMAIL) === false || mb_strlen($email) > self::LONGEST_MAIL)
                    ? Words::say('data-transfer.no-mail', ['mail' => mb_substr($email, 0, 80)])
                    : null,
                mb_strlen($phone) > self::LONGEST_PHONE
                    ? Words::say('data-transfer.long-phone', ['most' => self::LONGEST_PHONE])
                    : null,
            ]),
        ];
    }

    /**
     * @param list<string|null> $problems
     *
     * @return list<string>
     */
    private static function said(array $problems): array
    {
        return array_values(array_filter($problems, fn (?string $problem): bool => $problem !== null));
    }

    /** One line, without what no letter is. */
    private static function clean(string $text): string
    {
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');

        return trim((string) preg_replace('/[\x00-\x1F\x7F\s]+/u', ' ', $text));
    }

    /** 1994-02-28, 19940228 or 28.02.1994; anything else is left out, for nobody is to be made older than they are. */
    private static function day(string $born): ?string
    {
        $born = trim($born);
        foreach (
            [
                '!Y-m-d' => '/^\d{4}-\d{2}-\d{2}/',
                '!Ymd' => '/^\d{8}/',
                '!d.m.Y' => '/^\d{2}\.\d{2}\.\d{4}$/',
            ] as $format => $pattern
        ) {
            if (preg_match($pattern, $born, $found) === 1) {
                $day = DateTimeImmutable::createFromFormat($format, $found[0]);
                if (
                    $day !== false
                        && str_replace('-', '', $day->format('Y-m-d')) >= '19000101'
                        && $day->format(ltrim($format, '!')) === $found[0]
                        && $day <= new DateTimeImmutable('tomorrow')
                ) {
                    return $day->format('Y-m-d');
                }
            }
        }

        return null;
    }
}
