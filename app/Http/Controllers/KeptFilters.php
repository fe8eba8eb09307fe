<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/**
 * What was chosen last on a page, for as long as somebody is signed in and the day lasts: whoever comes back to it finds
 * it as it was left. What stands in the address goes first.
 */
final class KeptFilters
{
    private const LONGEST = 120;

    /**
     * @param string       $page   a word
     * @param list<string> $fields of the address
     *
     * @return array<string, string> each field; '' where nothing was chosen
     */
    public static function of(Request $request, string $page, array $fields, CarbonImmutable $today): array
    {
        $day = $today->format('Y-m-d');
        $chosen = [];
        foreach ($fields as $field) {
            $chosen[$field] = mb_substr(trim($request->string($field)->value()), 0, self::LONGEST);
        }
        if ($request->hasAny($fields)) {
            $request->session()->put("filters.{$page}", [$day, $chosen]);

            return $chosen;
        }
        $kept = $request->session()->get("filters.{$page}");
        if (! is_array($kept) || ($kept[0] ?? '') !== $day || ! is_array($kept[1] ?? null)) {
            return $chosen;
        }

        return array_map(
            static fn (mixed $value): string => is_string($value) ? $value : '',
            [...$chosen, ...array_intersect_key($kept[1], $chosen)],
        );
    }
}
