<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Models\Head;
use Dompdf\Dompdf;

/** The home routine on paper: one page of A4, in the largest letters that fit it. */
final readonly class HomeRoutinePdf
{
    private const LETTERS_PT = [9.6, 8.8, 8.0, 7.2];

    public function __construct(
        private HomeRoutines $homeRoutines,
    ) {
    }

    public function of(Head $head): string
    {
        $card = $this->homeRoutines->of($head);
        foreach (self::LETTERS_PT as $size) {
            $pdf = new Dompdf(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans']);
            $pdf->setPaper('A4');
            $pdf->loadHtml(view('home-routine.client.pdf', $card)->with('size', $size)->render());
            $pdf->render();
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return (string) $pdf->output();
    }
}
