<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Reporting\Period;
use App\Care\Reporting\ReportPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ReportController extends Controller
{
    public function show(Request $request): View
    {
        return view('reports.show', ReportPage::of($this->salon(), $this->period($request)));
    }

    public function csv(Request $request): Response
    {
        return response(ReportPage::csv($this->salon(), $this->period($request)), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="report.csv"']);
    }

    private function period(Request $request): Period
    {
        return Period::asked($this->salon(), $request->string('from')->value(), $request->string('until')->value());
    }
}
