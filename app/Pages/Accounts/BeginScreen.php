<?php

declare(strict_types=1);

namespace App\Pages\Accounts;

use App\Bridge\Clients\SalonClimate;
use App\Wording\Money;
use DateTimeZone;

/** What the first salon is asked, with answers to begin from. */
final readonly class BeginScreen
{
    private const HOURS = '9:00–12:30 13:30–18:00';

    /** Tuesday to Saturday, as most salons: common practice, no source. */
    private const OPEN = [2, 3, 4, 5, 6];

    /** Minutes to begin from: common practice, no source; each client's own pace replaces them. */
    private const SERVICES = ['wash-day' => 120, 'dry-cut' => 45, 'first-visit' => 60];

    public function page(): BeginPage
    {
        /** @var array<string, string> $climates */
        $climates = (array) trans('nagomi.climates');
        $week = array_fill_keys(range(1, 7), '');

        return new BeginPage(
            timezones: DateTimeZone::listIdentifiers(),
            currencies: Money::currencies(),
            climates: array_diff_key($climates, [SalonClimate::OWN => true]),
            week: array_replace($week, array_fill_keys(self::OPEN, self::HOURS)),
            services: self::SERVICES,
        );
    }
}
