<?php

declare(strict_types=1);

namespace App\Wording;

/** How hair of one porosity, strand or curl is called, and said to be otherwise. */
final readonly class KindWords
{
    /** @param string $kind trait and kind, such as strand/fine */
    public static function name(string $kind): string
    {
        return Words::say('learned.kinds.kind.' . str_replace('/', '.', $kind));
    }

    /**
     * @param string $rate  what is otherwise: how fast moisture or protein go, or how much is taken up
     * @param float  $times that of all
     */
    public static function otherwise(string $rate, string $kind, float $times): string
    {
        return Words::say("learned.kinds.says.{$rate}." . ($times > 1.0 ? 'more' : 'less'), [
            'kind' => self::name($kind), 'times' => Words::rounded($times, 2),
        ]);
    }
}
