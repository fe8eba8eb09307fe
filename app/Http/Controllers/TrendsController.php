<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Head;
use App\Pages\Trends\TrendsScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class TrendsController extends Controller
{
    public function __construct(
        private readonly TrendsScreen $trendsScreen,
    ) {
    }

    public function show(Request $request, Head $head): View
    {
        $kept = KeptFilters::of($request, 'trends', ['group'], $head->salon->today());

        return view('trends.show', $this->trendsScreen->of($head, $kept['group']));
    }

    public function csv(Head $head): Response
    {
        activity()->performedOn($head)->log('trends exported');

        return response($this->trendsScreen->csv($head), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="' . (Str::slug($head->name) ?: 'head') . '-trends.csv"',
        ]);
    }
}
