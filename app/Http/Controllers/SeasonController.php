<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\PlanCalendar;
use App\Care\Renewal;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class SeasonController extends Controller
{
    public function show(Head $head): View
    {
        $outlook = Renewal::current($head->load(['salon', 'outlook', 'zoneParts']));

        return view('heads.season', [
            'head' => $head,
            'outlook' => $outlook,
            'today' => $head->salon->today(),
            'items' => $head->planItems()->where('status', 'planned')->get(),
        ]);
    }

    public function calendar(Head $head): Response
    {
        Renewal::current($head->load(['salon', 'outlook']));

        return response(PlanCalendar::of($head), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="' . (Str::slug($head->name) ?: 'head') . '-season.ics"',
        ]);
    }
}
