<?php

declare(strict_types=1);

namespace App\Wording;

use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

/** The scalp in words: how it stands, when it is washed and why, and what it is cared for. */
final class ScalpWords
{
    /**
     * What is past its limit, or that nothing is.
     *
     * @param StoredScalpOutlook $scalp
     */
    public static function standing(array $scalp): string
    {
        $past = array_filter($scalp['signs'], fn (array $sign): bool => $sign['past']);
        $words = array_map(fn (array $sign): string => Words::say('scalp.sign', [
            'sign' => Words::say("scalp.signs.{$sign['sign']}"),
            'value' => self::number($sign['value']),
            'unit' => Words::of("sign_units.{$sign['sign']}"),
            'least' => self::number($sign['least']),
            'most' => self::number($sign['most']),
        ]), $past);

        return $past === []
            ? Words::say('scalp.calm')
            : ucfirst(implode(', ', $words)) . ($scalp['zone'] === null || ! self::flakes($past)
                ? '.'
                : Words::say('scalp.zone', ['zone' => Words::of("zones.{$scalp['zone']}")]));
    }

    /** @param StoredScalpOutlook $scalp whether anything is past what something is done about */
    public static function standsOut(array $scalp): bool
    {
        return array_filter($scalp['signs'], fn (array $sign): bool => $sign['past']) !== [];
    }

    /** @param StoredScalpOutlook $scalp null where the client's own rhythm is the scalp's as well */
    public static function rhythm(array $scalp): ?string
    {
        $rhythm = $scalp['rhythm'];
        if ($rhythm['because'] === null) {
            return null;
        }
        $how = $rhythm['days'] < $rhythm['own'] ? 'sooner' : 'later';

        return Words::say($rhythm['kept'] ? "scalp.{$how}-kept" : "scalp.{$how}", [
            'days' => $rhythm['days'],
            'own' => $rhythm['own'],
            'sign' => Words::say("scalp.because.{$rhythm['because']}"),
        ]);
    }

    /** @param StoredScalpOutlook $scalp null where no scalp care is due in these weeks */
    public static function care(array $scalp): ?string
    {
        return $scalp['care_on'] === null || $scalp['care_for'] === null
            ? null
            : Words::say('scalp.care', [
                'date' => SalonClock::dayInWords($scalp['care_on'], 'j M'),
                'for' => Words::say("scalp.for.{$scalp['care_for']}"),
            ]);
    }

    /** Why a wash day has its scalp care: what is expected that morning, with its range. */
    public static function careReason(string $for, float $expected, float $least, float $most): Message
    {
        return Message::of(
            "scalp.reason.{$for}",
            value: new Figure($expected, 0),
            least: new Figure($least, 0),
            most: new Figure($most, 0),
        );
    }

    /** @param array<int, array{sign: string, value: float, least: float, most: float, limit: float, past: bool}> $past */
    private static function flakes(array $past): bool
    {
        return in_array('scalp-flakes', array_column($past, 'sign'), true);
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
