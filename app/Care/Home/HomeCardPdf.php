<?php

declare(strict_types=1);

namespace App\Care\Home;

use App\Models\Head;
use Dompdf\Dompdf;

/** The home card on paper: one page of A4, in the largest letters that fit it. */
final class HomeCardPdf
{
    private const LETTERS_PT = [9.6, 8.8, 8.0, 7.2];

    public static function of(Head $head): string
    {
        $card = HomeCard::of($head);
        foreach (self::LETTERS_PT as $size) {
            $pdf = new Dompdf(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans']);
            $pdf->setPaper('A4');
            $pdf->loadHtml(view('card.pdf', $card + ['size' => $size])->render());
            $pdf->render();
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return (string) $pdf->output();
    }
}
