<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** Every screen of the application, as paths of a client or of the salon. */
final class AllScreens
{
    public const PATHS = [
        '/clients', '/clients/new', '/clients/records/new', '/salon', '{head}', '{head}/edit', '{head}/hair-tests',
        '{head}/wash-days', '{head}/plan', '{head}/history/ledger', '{head}/plan/what-if?change=no-mask',
        '{head}/plan/terms', '{head}/hair-tests?moment=after-styling', '{head}/hair-tests/zones',
        '{head}/hair-tests/zones?test=scalp', '{head}/history', '{head}/history/{visit}',
        '{head}/history/{visit}/correct',
        '{head}/trends?group=elasticity', '{head}/history/cause', '{head}/pictures', '/reports/team', '/products',
        '/products/new', '/products/mix', '/products/book', '{product}', '{head}/products', '{head}/wash',
        '{head}/style',
        '{head}/trends/trials', '/today', '/bookings/new?head={id}', '{booking}', '/salon/hours', '/salon/messages',
        '/salon/people', '/salon/trail', '{head}/trail', '{head}/contact', '/account/second-step', '/account/confirm',
        '/salon/data', '/salon/consent', '/salon/learned', '{head}/consent', '/salon/connections',
        '/reports', '/plans', '{head}/home-routine', '{head}/erase',
        '/today/end', '/today/handover',
        '{booking}/series', '/practice', '/practice/team', '/practice/drills?kind=stretch',
        '{head}/practice',
    ];

    /** @return list<string> in the order of {@see PATHS}, with a client, a visit, a product and a booking of the demo */
    public static function of(Browser $browser): array
    {
        $browser->signIn()->press('Solvei');
        $head = $browser->path();
        $visit = basename((string) $browser->visit("{$head}/history")->find('.visits li a')->getAttribute('href'));

        $product = (string) parse_url(
            (string) $browser->visit('/products')->find('.shelf a')->getAttribute('href'),
            PHP_URL_PATH,
        );

        $booking = (string) parse_url(
            (string) $browser->visit('/today')->find('a[href*="/bookings/0"]')->getAttribute('href'),
            PHP_URL_PATH,
        );

        return array_map(
            fn (string $screen): string => str_replace(
                ['{head}', '{id}', '{visit}', '{product}', '{booking}'],
                [$head, basename($head), $visit, $product, $booking],
                $screen,
            ),
            self::PATHS,
        );
    }
}
