<?php

declare(strict_types=1);

namespace Tests\Malformed;

use Nagomi\Core\Statistics\SeededRandom;

/** What no form of ours would send, and what a pasted text, a broken phone or an idle hand may. */
final class Nasty
{
    /** @return mixed in place of one value */
    public static function value(SeededRandom $chance): mixed
    {
        return self::all()[$chance->between(0, count(self::all()) - 1)];
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<mixed> as they arrive from a form: text, or groups of text
     */
    public static function asSent(array $fields): array
    {
        parse_str(http_build_query($fields), $sent);

        return $sent;
    }

    /** @return list<mixed> */
    private static function all(): array
    {
        static $all = null;

        return $all ??= [
            null, '', ' ', [], ['a'], ['a' => ['b' => ['c' => 'd']]], self::deep(40), "\0", "a\0b", "\xC3\x28",
            "\xFF\xFE", str_repeat('x', 300), str_repeat('y', 70_000), str_repeat('ä', 1_000_000),
            'NaN', 'INF', '-INF', NAN, INF, '1e309', '-1', -1, 0, '0', '00', '0x1F', '1e3', '99999999999999999999',
            99999999999999999999, PHP_INT_MAX, PHP_INT_MIN, '1.7976931348623157e309', '٣', '１２', '3,5', '3.5.5', '--5',
            '+5',
            '0000-00-00', '0001-01-01', '2026-02-30', '9999-12-31', '10000-01-01', '-2026-01-01', '2026-13-45',
            '2027-01-09T25:61', 'yesterday', "2027-01-09\n", '24:00', '25:99', ':',
            "'; drop table heads; --", '<script>alert(1)</script>', '{{ 7*7 }}', '../../../../etc/passwd', '%00', '%',
            '_', '\\', '🌀🌀🌀', "\u{202E}abc", "\u{FEFF}abc", "line\r\nline", true, false, 'true', 'on', 'null',
            'undefined', '[object Object]', '{"a":1}', 'a@b', '=1+1', '@',
        ];
    }

    /** @return array<mixed> */
    private static function deep(int $levels): array
    {
        $deep = ['end'];
        for ($i = 0; $i < $levels; $i++) {
            $deep = ['a' => $deep];
        }

        return $deep;
    }

    /**
     * A form with one to three of its fields spoiled, at any depth; or one too many, or none at all.
     *
     * @param array<string, mixed> $good
     *
     * @return array<string, mixed>
     */
    public static function spoiled(array $good, SeededRandom $chance): array
    {
        if ($chance->happens(0.05)) {
            return [];
        }
        $paths = self::paths($good);
        for ($i = $chance->between(1, 3); $i > 0; $i--) {
            if ($paths === [] || $chance->happens(0.1)) {
                $names = [
                    'date', 'q', 'seen', '_method_', 'visit', 'sequence', 'head', 'zones', 'method', 'acts', '_seen',
                    '_act',
                ];
                $good[$names[$chance->between(0, 11)]] = self::value($chance);
                continue;
            }
            $path = $paths[$chance->between(0, count($paths) - 1)];
            if ($chance->happens(0.15)) {
                $good = self::without($good, $path);
            } else {
                $good = self::with($good, $path, self::value($chance));
            }
        }

        return $good;
    }

    /**
     * @param array<mixed> $of
     * @param list<string> $under
     *
     * @return list<list<string>>
     */
    private static function paths(array $of, array $under = []): array
    {
        $paths = [];
        foreach ($of as $name => $value) {
            $path = [...$under, (string) $name];
            $paths[] = $path;
            $paths = is_array($value) ? [...$paths, ...self::paths($value, $path)] : $paths;
        }

        return $paths;
    }

    /**
     * @param array<mixed>           $of
     * @param non-empty-list<string> $path
     *
     * @return array<string, mixed>
     */
    private static function with(array $of, array $path, mixed $value): array
    {
        $name = array_shift($path);
        $of[$name] = $path === [] ? $value : self::with(is_array($of[$name] ?? null) ? $of[$name] : [], $path, $value);

        return $of;
    }

    /**
     * @param array<mixed>           $of
     * @param non-empty-list<string> $path
     *
     * @return array<string, mixed>
     */
    private static function without(array $of, array $path): array
    {
        $name = array_shift($path);
        if ($path === []) {
            unset($of[$name]);
        } elseif (is_array($of[$name] ?? null)) {
            $of[$name] = self::without($of[$name], $path);
        }

        return $of;
    }
}
