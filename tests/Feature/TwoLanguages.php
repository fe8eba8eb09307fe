<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Arr;

/** What stands in lang/, side by side, and what of the one language is left on a page of the other. */
final class TwoLanguages
{
    /** @return array<string, string> every line of a language of the application, by file and key */
    public static function lines(string $language): array
    {
        $all = [];
        foreach (glob(__DIR__ . "/../../lang/{$language}/*.php") ?: [] as $file) {
            foreach (Arr::dot((array) require $file) as $key => $line) {
                $all[basename($file, '.php') . ".{$key}"] = is_string($line) ? $line : '';
            }
        }

        return $all;
    }

    /** @return list<string> the places of a line, each once */
    public static function places(string $line): array
    {
        preg_match_all('/:([A-Za-z_][A-Za-z0-9_-]*)/', $line, $found);
        $places = array_values(array_unique(array_map(lcfirst(...), $found[1])));
        sort($places);

        return $places;
    }

    /**
     * @return list<string> English sentences that are another in Spanish, plain ones of three words and more, so that
     *     no name or number is taken for one
     */
    public static function onlyEnglish(): array
    {
        $spanish = array_values(self::lines('es'));
        $plain = [];
        foreach (self::lines('en') as $line) {
            foreach (preg_split('/\{\d+\}|\[\d+,[*\d]*\]|\||:[A-Za-z_]+/', $line) ?: [] as $part) {
                $part = trim($part, ' ,.;:()');
                if (preg_match_all('/\p{L}{2,}/u', $part) >= 3 && ! in_array($line, $spanish, true)) {
                    $plain[] = $part;
                }
            }
        }

        return array_values(array_unique($plain));
    }

    /** @return list<string> English sentences on a page in Spanish, what its scripts say later among them */
    public static function englishLeft(string $html): array
    {
        static $english = null;
        $english ??= self::onlyEnglish();
        // What is said to stand in English, as the words a client agreed to, is no English left over.
        $html = (string) preg_replace('#<(p|textarea)\b[^>]*\slang="en"[^>]*>.*?</\1>#s', '', $html);
        $text = strip_tags((string) preg_replace('/<(svg|option)\b/', ' <$1', $html));
        $text = html_entity_decode($text, ENT_QUOTES);

        return array_values(array_filter($english, fn (string $sentence): bool => str_contains($text, $sentence)));
    }
}
