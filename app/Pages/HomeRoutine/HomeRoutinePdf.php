<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Models\Head;
use App\Wording\HomeDates;
use App\Wording\MessageLanguage;
use Dompdf\Dompdf;
use Illuminate\Support\Traits\Localizable;

/** The home routine on paper: one page of A4, in the largest letters that fit it. */
final readonly class HomeRoutinePdf
{
    use Localizable;

    /** Size in points, and whether it says how each step is done. */
    private const LETTERS = [
        [9.6, true], [8.8, true], [8.0, true],
        [9.6, false], [8.8, false], [8.0, false], [7.2, false], [6.4, false],
    ];

    public function __construct(
        private HomeRoutines $homeRoutines,
        private PaperFonts $paperFonts,
    ) {
    }

    public function of(Head $head): string
    {
        $head->loadMissing('salon');

        /** @var string */
        return $this->withLocale(MessageLanguage::of($head)->code, fn (): string => $this->printed($head));
    }

    private function printed(Head $head): string
    {
        $card = $this->homeRoutines->of($head);
        $day = HomeDates::day($card->today);
        $page = fn (array $with): string => view('home-routine.client.pdf', $card)
            ->with(['day' => $day, 'headings' => '', 'letters' => '', ...$with])
            ->render();
        $text = html_entity_decode(strip_tags($page(['size' => self::LETTERS[0][0], 'how' => true])));
        [$headings, $letters] = $this->paperFonts->for($text);
        foreach (self::LETTERS as [$size, $how]) {
            $pdf = new Dompdf($this->paperFonts->options($letters));
            $pdf->setPaper('A4');
            $pdf->loadHtml($page(compact('size', 'how', 'headings', 'letters')));
            $pdf->render();
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return (string) $pdf->output();
    }
}
