<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Models\Head;
use App\Pages\Shared\Paper;
use App\Wording\HomeDates;
use App\Wording\MessageLanguage;
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
        private Paper $paper,
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
        [$headings, $letters] = $this->paper->letters($page(['size' => self::LETTERS[0][0], 'how' => true]));
        foreach (self::LETTERS as [$size, $how]) {
            $pdf = $this->paper->set($page(compact('size', 'how', 'headings', 'letters')), $letters);
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return (string) $pdf->output();
    }
}
