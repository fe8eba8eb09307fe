<?php

declare(strict_types=1);

namespace Tests\Machine;

use CurlHandle;

/** Opens the first salon of a copy as browsers would, several at the same moment. */
final class FirstSalon
{
    /**
     * @param list<string>      $emails of those who try, each with a browser of their own
     * @param array<int, mixed> $with   what curl is told beside it
     *
     * @return list<string> path that each of them is sent to
     */
    public static function openedAtOnce(string $address, string $code, array $emails, array $with = []): array
    {
        $all = curl_multi_init();
        $browsers = array_map(
            static fn (string $email): CurlHandle => self::filledIn($address, $code, $email, $with),
            $emails,
        );
        array_map(static fn (CurlHandle $browser): int => curl_multi_add_handle($all, $browser), $browsers);
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 1.0);
        } while ($running > 0);

        return array_map(
            static fn (CurlHandle $browser): string => (string) parse_url(
                (string) curl_getinfo($browser, CURLINFO_REDIRECT_URL),
                PHP_URL_PATH,
            ),
            $browsers,
        );
    }

    /**
     * The form as it is sent with one tap, in a session of its own.
     *
     * @param array<int, mixed> $with
     */
    private static function filledIn(string $address, string $code, string $email, array $with): CurlHandle
    {
        $browser = curl_init("{$address}/begin");
        curl_setopt_array($browser, $with + [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 60,
        ]);
        preg_match_all('/name="(_token|_act)"\s+value="([^"]+)"/', (string) curl_exec($browser), $hidden);
        curl_setopt($browser, CURLOPT_POSTFIELDS, http_build_query(array_combine($hidden[1], $hidden[2]) + [
            'code' => $code, 'name' => 'Quay Nine', 'chairs' => '2', 'timezone' => 'Europe/Oslo', 'currency' => 'NOK',
            'hardness_mg_per_l' => '40', 'climate' => 'none', 'owner' => 'Odd Eir', 'email' => $email,
            'password' => 'lamp ferry moss', 'hours' => ['owner' => [2 => '9:00–17:00']],
        ]));

        return $browser;
    }
}
