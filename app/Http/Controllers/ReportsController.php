<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pages\Reports\ReportPeriod;
use App\Pages\Reports\ReportsScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ReportsController extends Controller
{
    public function __construct(
        private readonly ReportsScreen $reportsScreen,
    ) {
    }

    public function show(Request $request): View
    {
        return view('reports.show', $this->reportsScreen->of($this->salon(), $this->period($request)));
    }

    public function csv(Request $request): Response
    {
        activity()->log('reports-exported');

        return response(
            $this->reportsScreen->csv($this->salon(), $this->period($request)),
            200,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="report.csv"'],
        );
    }

    private function period(Request $request): ReportPeriod
    {
        $kept = KeptFilters::of($request, 'reports', ['from', 'until'], $this->salon()->today());

        return ReportPeriod::asked($this->salon(), $kept['from'], $kept['until']);
    }
}
