<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\HeadRecord;
use App\Care\OutlookRefresh;
use App\Care\TakeIn;
use App\Http\Requests\RecordRequest;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Nagomi\Core\Record\CareRecordWriter;

final class RecordController extends Controller
{
    public function show(Head $head): Response
    {
        activity()->performedOn($head)->log('record exported');

        return response(CareRecordWriter::write(HeadRecord::of($head)), 200, [
            'Content-Type' => 'application/json; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="' . (Str::slug($head->name) ?: 'head') . '-care-record.json"',
        ]);
    }

    public function create(): View
    {
        return view('records.create');
    }

    public function store(RecordRequest $request): RedirectResponse
    {
        $head = TakeIn::record($request->record(), $this->salon());
        activity()->performedOn($head)->log('record imported');
        OutlookRefresh::after($head);

        return redirect()->route('heads.show', $head)->with('said', "{$head->name} is taken in, with everything the record held.");
    }
}
