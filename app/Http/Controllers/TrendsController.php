<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Moving\FormulaGuard;
use App\Care\TrendsPage;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class TrendsController extends Controller
{
    public function show(Request $request, Head $head): View
    {
        return view('heads.trends', TrendsPage::of($head, $request->string('group')->value()));
    }

    public function csv(Head $head): StreamedResponse
    {
        activity()->performedOn($head)->log('trends exported');
        $rows = TrendsPage::table($head);

        return response()->streamDownload(function () use ($rows): void {
            $out = fopen('php://output', 'w');
            if ($out === false) {
                return;
            }
            foreach ($rows as $row) {
                fputcsv($out, array_map(FormulaGuard::on(...), $row), escape: '');
            }
        }, (Str::slug($head->name) ?: 'head') . '-trends.csv', ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
