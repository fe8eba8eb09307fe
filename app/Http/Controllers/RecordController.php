<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\DataTransfer\RecordTransfer;
use App\Http\Requests\RecordRequest;
use App\Models\Head;
use App\Wording\ClientName;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class RecordController extends Controller
{
    public function __construct(
        private readonly RecordTransfer $recordTransfer,
    ) {
    }

    public function show(Head $head): Response
    {
        return response($this->recordTransfer->export($head), 200, [
            'Content-Type' => 'application/json; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'
                . (Str::slug($head->name) ?: 'head')
                . '-care-record.json"',
        ]);
    }

    public function create(): View
    {
        return view('clients.record');
    }

    public function store(RecordRequest $request): RedirectResponse
    {
        $head = $this->recordTransfer->import($request->record(), $this->salon());

        return redirect()->route('clients.now', $head)->with(
            'said',
            Words::say('said.record.store', ['name' => ClientName::shown($head->name)]),
        );
    }
}
