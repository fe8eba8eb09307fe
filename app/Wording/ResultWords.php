<?php

declare(strict_types=1);

namespace App\Wording;

/** How results that do not come as foretold are said. */
final readonly class ResultWords
{
    /**
     * @param string $by      what they are told apart by: test, stylist, porosity or since
     * @param string $which   of them
     * @param string $finding higher, lower, scattered or narrow
     */
    public static function standsOut(string $by, string $which, string $finding): string
    {
        return Words::say("learned.results.alarm.{$by}.{$finding}", ['which' => self::which($by, $which)]);
    }

    public static function which(string $by, string $which): string
    {
        return match ($by) {
            'test' => Words::of("signs.{$which}"),
            'porosity' => Words::of("porosities.{$which}"),
            'since' => Words::say("learned.results.since.{$which}"),
            default => $which,
        };
    }
}
