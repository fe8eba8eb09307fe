<?php

declare(strict_types=1);

namespace App\Pages\Plan;

/** A question about the plan as a sentence made of menus. */
final readonly class WhatIfForm
{
    /** Which menus go on after what is done differently. */
    public const PARTS = [
        'leave-out' => ['treatment', 'dates'], 'later' => ['treatment', 'number'],
        'wash-every-for' => ['number', 'dates'],
        'wash-every' => ['number'], 'minutes-limit' => ['number'], 'humidity' => ['number'], 'hardness' => ['number'],
    ];

    /**
     * @param array<string, string>                              $acts      what can be done differently, in words
     * @param string                                             $number    as typed
     * @param list<array{words: string, query: array<string, string>}> $instances questions that are often asked
     */
    public function __construct(
        public array $acts,
        public string $asked,
        public string $treatment,
        public string $number,
        public string $from,
        public string $until,
        public array $instances,
    ) {
    }

    /** What the page's script needs: which menus go on, and the words about the number. */
    public function forThePage(): string
    {
        $parts = [];
        foreach (array_keys($this->acts) as $act) {
            $parts[$act] = [
                'parts' => self::PARTS[$act] ?? [],
                'before' => self::words("what-if.before.{$act}"),
                'of' => self::words("what-if.of.{$act}"),
            ];
        }

        return json_encode($parts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    private static function words(string $key): string
    {
        $words = trans()->has($key) ? trans($key) : '';

        return is_string($words) ? $words : '';
    }
}
