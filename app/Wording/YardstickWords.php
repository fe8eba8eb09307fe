<?php

declare(strict_types=1);

namespace App\Wording;

/** What the latest reading of a sign is held against, in words: one yardstick at a time, each by its name. */
final class YardstickWords
{
    /**
     * @param StoredSign $sign
     * @param int        $first days it takes to say what is usual
     *
     * @return array<string, string> by yardstick
     */
    public static function of(array $sign, int $first): array
    {
        return [
            'usual' => self::usual($sign, $first),
            'today' => Words::say('yardsticks.today', self::range($sign['today'])),
            'balance' => self::balance($sign),
        ];
    }

    /**
     * @param int $days  with a reading so far, no more than it takes
     * @param int $first days it takes
     */
    public static function few(string $key, int $days, int $first): string
    {
        return trans_choice($key, $days, ['first' => $first]);
    }

    /** @param StoredSign $sign */
    private static function usual(array $sign, int $first): string
    {
        $usual = $sign['usual'];
        if ($usual === null) {
            return self::few('yardsticks.usual.few', $sign['days'], $first);
        }
        $key = $usual['changed'] ? 'changed' : ($usual['apart'] ? 'apart' : 'within');

        return Words::say("yardsticks.usual.{$key}", [
            'average' => self::number($usual['average']), ...self::range($usual['range']),
        ]);
    }

    /** @param StoredSign $sign */
    private static function balance(array $sign): string
    {
        [$least, $most] = $sign['balance'];
        $key = $sign['value'] < $least ? 'below' : ($sign['value'] > $most ? 'above' : 'within');

        return Words::say("yardsticks.balance.{$key}", self::range($sign['balance']));
    }

    /**
     * @param array{float, float} $range
     *
     * @return array{least: string, most: string}
     */
    private static function range(array $range): array
    {
        return ['least' => self::number($range[0]), 'most' => self::number($range[1])];
    }

    public static function number(float $value): string
    {
        return Words::number(round($value, 1));
    }
}
