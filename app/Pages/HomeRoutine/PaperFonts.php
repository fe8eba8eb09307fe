<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use Dompdf\Options;
use Illuminate\Support\Facades\File;

/**
 * The product's own letters on paper. They have those of English and Spanish and the signs the pages set (bin/assets);
 * a page with any other is printed in letters that have nearly all, so that no name is printed with holes.
 */
final readonly class PaperFonts
{
    private const OWN = ['Literata', 'Hanken Grotesk'];
    private const FILES = ['literata-600', 'hanken-grotesk-400', 'hanken-grotesk-700'];
    private const OF_NEARLY_ALL_LETTERS = ['DejaVu Serif', 'DejaVu Sans'];

    /** Height of a line for each of a letter: the own ones are drawn with more air above and below. */
    private const LINES = ['Hanken Grotesk' => 0.98, 'DejaVu Sans' => 1.1];

    /**
     * What the printer of pages reads of letters it has met is kept beside what else may be thrown away.
     *
     * @param string $letters of all but headings
     */
    public function options(string $letters): Options
    {
        $kept = storage_path('framework/cache/fonts-' . $this->version());
        File::ensureDirectoryExists($kept);

        return new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isFontSubsettingEnabled' => true,
            'fontDir' => resource_path('fonts'),
            'fontCache' => $kept,
            'fontHeightRatio' => self::LINES[$letters] ?? 1.1,
            'defaultFont' => self::OF_NEARLY_ALL_LETTERS[1],
        ]);
    }

    /**
     * @param string $text all that stands on the page
     *
     * @return array{string, string} of headings, and of all else
     */
    public function for(string $text): array
    {
        $letters = array_unique(mb_str_split($text));
        $known = $this->letters();
        foreach ($letters as $letter) {
            if (mb_ord($letter) > 0x20 && ! isset($known[mb_ord($letter)])) {
                return self::OF_NEARLY_ALL_LETTERS;
            }
        }

        return self::OWN;
    }

    /** @return array<int, true> code points that every one of the own fonts has */
    private function letters(): array
    {
        $known = null;
        foreach ($this->widths() as $widths) {
            preg_match_all('/^U (\d+) ;/m', $widths, $found);
            $of = array_fill_keys(array_map(intval(...), $found[1]), true);
            $known = $known === null ? $of : array_intersect_key($known, $of);
        }

        return $known ?? [];
    }

    private function version(): string
    {
        return substr(hash('sha256', implode('', $this->widths())), 0, 12);
    }

    /** @return list<string> of each font, as bin/assets wrote them */
    private function widths(): array
    {
        return array_map(
            static fn (string $font): string => (string) file_get_contents(resource_path("fonts/{$font}.ufm")),
            self::FILES,
        );
    }
}
