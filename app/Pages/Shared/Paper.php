<?php

declare(strict_types=1);

namespace App\Pages\Shared;

use App\Pages\HomeRoutine\PaperFonts;
use Closure;
use Dompdf\Dompdf;

/** A page on paper: in the product's own letters where they have all that stands on it. */
final readonly class Paper
{
    /** Of the number of each page, from the left and the top, in points. */
    private const NUMBER_AT = [500, 810];
    private const NUMBER_SIZE = 8;

    public function __construct(private PaperFonts $paperFonts)
    {
    }

    /**
     * @param Closure(string, string): string $page HTML with its style within it, in letters of headings and of all else
     *
     * @return string the bytes of a PDF
     */
    public function pdf(Closure $page, bool $numbered = false): string
    {
        [$headings, $letters] = $this->letters($page('', ''));
        $pdf = $this->set($page($headings, $letters), $letters);
        if ($numbered) {
            [$x, $y] = self::NUMBER_AT;
            $font = $pdf->getFontMetrics()->getFont($letters) ?? '';
            $pdf->getCanvas()->page_text($x, $y, '{PAGE_NUM} / {PAGE_COUNT}', $font, self::NUMBER_SIZE);
        }

        return (string) $pdf->output();
    }

    /** @return array{string, string} letters of headings and of all else that have what stands on a page */
    public function letters(string $html): array
    {
        return $this->paperFonts->for(html_entity_decode(strip_tags($html)));
    }

    /** @param string $letters of all but headings */
    public function set(string $html, string $letters): Dompdf
    {
        $pdf = new Dompdf($this->paperFonts->options($letters));
        $pdf->setPaper('A4');
        $pdf->loadHtml($html);
        $pdf->render();

        return $pdf;
    }
}
