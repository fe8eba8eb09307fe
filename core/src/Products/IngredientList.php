<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Wording\Message;

/**
 * Reads a list of ingredients as it stands on a bottle or a page: commas or lines, capitals, brackets, asterisks,
 * footnotes, slips of the pen.
 */
final class IngredientList
{
    private const MOST_LETTERS = 12_000;
    private const MOST_ENTRIES = 150;
    private const LONGEST_ENTRY = 160;

    /** A text with this many entries of which hardly any is known is prose. */
    private const PROSE_FROM = 12;

    /** So many words of which none is known are a sentence. */
    private const SENTENCE_WORDS = 7;

    /** What a star is said to mean, in the languages of the labels. */
    private const STAR_WORDS = 'organic|natural|certified|origin|component|occurring|farming|agriculture|fair|derived|from'
        . '|biologique|naturelle?s?|issus?|origine|biologisch\w*|anbau|natürlich\w*|bestandteil\w*|ecológic\w*|cultivo'
        . '|procedentes?|biologic[oahi]+|provenienti';

    /** What stands before the list itself, in the languages of the labels. */
    private const HEADING = '/^\s*(?:full\s+)?(?:list of\s+)?(?:inactive\s+)?'
        . '(?:ingr[eé]dients?|ingredientes|ingredienti|ingredi[eë]nten|inhaltsstoffe|bestandteile|composition|inci)'
        . '(?:\s*\(inci\))?(?:\s*[\/·]\s*\pL+)*[ \t]*(?:[:：-]|\n)\s*/iu';

    /**
     * @return non-empty-list<ListedIngredient> in the order they are printed
     *
     * @throws InvalidIngredientList
     */
    public static function read(string $text, IngredientBook $book): array
    {
        $text = trim(str_replace(["\r\n", "\r", "\u{00A0}", '±'], ["\n", "\n", ' ', '+/-'], $text));
        if ($text === '') {
            throw new InvalidIngredientList(Message::of('products.list.empty'));
        }
        if (mb_strlen($text) > self::MOST_LETTERS) {
            throw new InvalidIngredientList(Message::of('products.list.too-long', most: self::MOST_LETTERS));
        }
        $listed = [];
        foreach (self::parts(self::withoutFootnotes($text)) as [$part, $of]) {
            foreach (self::entries($of) as $entry) {
                $listed[] = self::entry($entry, $part, $book);
            }
        }
        if ($listed === []) {
            throw new InvalidIngredientList(Message::of('products.list.no-name'));
        }
        if (count($listed) > self::MOST_ENTRIES) {
            throw new InvalidIngredientList(Message::of(
                'products.list.too-many',
                entries: count($listed),
                most: self::MOST_ENTRIES,
            ));
        }
        self::refuseProse($listed);

        return $listed;
    }

    /**
     * @param non-empty-list<ListedIngredient> $listed
     *
     * @throws InvalidIngredientList where it is a story rather than a list
     */
    private static function refuseProse(array $listed): void
    {
        $count = count($listed);
        $known = count(array_filter($listed, static fn (ListedIngredient $one): bool => $one->ingredient !== null));
        $sentences = count(array_filter(
            $listed,
            static fn (ListedIngredient $one): bool => $one->ingredient === null
                && preg_match_all('/\pL+/u', (string) preg_replace('/[(\[{].*?[)\]}]/u', ' ', $one->listed))
                    >= self::SENTENCE_WORDS,
        ));
        if ($count >= self::PROSE_FROM && $known < $count / 10 || 2 * $sentences >= $count) {
            throw new InvalidIngredientList(Message::of(
                'products.list.story',
                first: $listed[0]->listed,
                known: $known,
                all: $count,
            ));
        }
    }

    private static function entry(string $entry, ListPart $part, IngredientBook $book): ListedIngredient
    {
        $percent = preg_match('/(\d+(?:[.,]\d+)?)\s*%/', $entry, $stated) === 1
            ? (float) str_replace(',', '.', $stated[1])
            : null;
        $name = trim((string) preg_replace('/\(?\s*\d+(?:[.,]\d+)?\s*%(\s*w\/[wv])?\s*\)?/', ' ', $entry), " \t-–:");
        $found = $book->find($name === '' ? $entry : $name);

        return new ListedIngredient(
            $entry,
            $found[0] ?? null,
            $found[1] ?? false,
            $part,
            $percent !== null && $percent <= 100 ? $percent : null,
        );
    }

    /** What a star means is told at the end of a list; that is no ingredient. */
    private static function withoutFootnotes(string $text): string
    {
        $stars = '[*†‡°¹²³]+';
        $words = self::STAR_WORDS;
        $text = (string) preg_replace(
            "/(?:^|[.;\n)])\s*{$stars}\s*[^,\n]{0,80}\b({$words})\b.*$/isu",
            '',
            $text,
        );

        // Without a full stop before it a note is one only at the very end: a star may stand before a name as well.
        return trim((string) preg_replace(
            "/\s{$stars}\s*=?\s*[^,*\n]{0,80}\b({$words})\b[^,\n]*$/isu",
            '',
            $text,
        ));
    }

    /** @return list<array{ListPart, string}> */
    private static function parts(string $text): array
    {
        $parts = [];
        if (
            preg_match(
                '/^(.*?)[\[(]?\s*(?:may contain|peut contenir|\+\/-)\s*(?:\(\s*\+\/-\s*\))?\s*:?(.*)$/isu',
                $text,
                $split,
            ) === 1
        ) {
            $text = $split[1];
            $parts[] = [ListPart::MayContain, rtrim($split[2], " ]).\n")];
        }
        if (
            preg_match(
                '/^\s*(?:drug facts\W*)?active ingredients?\s*[:\n](.*?)(?:inactive|other) '
                    . 'ingredients?\s*[:\n](.*)$/isu',
                $text,
                $split,
            ) === 1
        ) {
            return [[ListPart::Active, $split[1]], [ListPart::Ordered, $split[2]], ...$parts];
        }

        return [
            [
                ListPart::Ordered,
                (string) preg_replace(self::HEADING, '', $text),
            ],
            ...$parts,
        ];
    }

    /** @return list<string> split at commas, semicolons, dots and lines outside of brackets */
    private static function entries(string $text): array
    {
        $entries = [];
        $entry = '';
        $depth = 0;
        $letters = mb_str_split($text);
        foreach ($letters as $i => $letter) {
            $depth += in_array($letter, ['(', '[', '{'], true)
                ? 1
                : (in_array($letter, [')', ']', '}'], true) ? -1 : 0);
            $depth = $letter === "\n" ? 0 : max(0, $depth);
            $next = $letters[$i + 1] ?? ' ';
            $ends = match ($letter) {
                // 1,2-hexanediol holds a comma of its own.
                ',' => $depth === 0 && ! (ctype_digit($letters[$i - 1] ?? '') && ctype_digit($next)),
                ';', '•', '·', '|' => $depth === 0,
                '.' => $depth === 0 && trim($next) === '' && ! preg_match('/\b(denat|alc|ext|no)$/i', $entry),
                "\n" => true,
                default => false,
            };
            if ($ends) {
                $entries[] = $entry;
                $entry = '';
            } else {
                $entry .= $letter;
            }
        }
        $entries[] = $entry;
        $clean = array_map(
            static fn (string $one): string => trim((string) preg_replace('/[*†‡°¹²³^]+|\s+/u', ' ', $one), " \t.-–:"),
            $entries,
        );

        return array_values(array_filter(
            array_map(static fn (string $one): string => mb_substr($one, 0, self::LONGEST_ENTRY), $clean),
            static fn (string $one): bool => preg_match('/\pL{2}|\d{5}/u', $one) === 1,
        ));
    }
}
