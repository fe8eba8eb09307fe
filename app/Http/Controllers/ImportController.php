<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Imports\Imports;
use App\Care\Imports\ImportTaking;
use App\Care\Imports\ImportUndo;
use App\Http\Requests\ImportColumnsRequest;
use App\Http\Requests\ImportRequest;
use App\Models\Import;
use App\Pages\Salon\ImportPage;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What comes in from elsewhere: looked through, read by column, taken in, and taken out again for a day. */
final class ImportController extends Controller
{
    public function __construct(
        private readonly Imports $imports,
        private readonly ImportTaking $importTaking,
        private readonly ImportUndo $importUndo,
    ) {
    }

    public function look(ImportRequest $request): RedirectResponse
    {
        $import = $this->imports->look($request->bytes(), $request->filename(), $this->salon(), $this->stylist());

        return redirect()->route('salon.data.import', $import);
    }

    public function preview(Import $import): View
    {
        return view('salon.import', new ImportPage($import, $this->salon()));
    }

    public function columns(ImportColumnsRequest $request, Import $import): RedirectResponse
    {
        if ($import->taken_at === null) {
            $this->imports->again($import, $this->salon(), $request->reading($import));
        }

        return redirect()->route('salon.data.import', $import)->withFragment('found');
    }

    public function take(Request $request, Import $import): RedirectResponse
    {
        if ($import->taken_at !== null) {
            return redirect()->route('salon.data.import', $import)->with('said', Words::say('said.import.already'));
        }
        $taken = $this->importTaking->take(
            $import,
            $this->salon(),
            $this->stylist()->name,
            $request->boolean('again'),
            $request->boolean('fills'),
        );
        if ($taken === null) {
            return redirect()->route('salon.data.import', $import)->with('said', Words::say('said.import.changed'));
        }
        $counts = array_filter($taken->counts());

        return redirect()->route('salon.data.import', $import)->with('said', $counts === []
            ? Words::say('said.import.nothing')
            : Words::say('said.import.taken', ['what' => $this->inWords($counts)]));
    }

    public function undo(Import $import): RedirectResponse
    {
        $undone = $this->importUndo->of($import, $this->salon());
        if ($undone === null) {
            return redirect()->route('salon.data.import', $import)->with('said', Words::say('said.import.too-late'));
        }
        $counts = array_filter($undone->counts());

        return redirect()->route('salon.data')->with('said', implode(' ', array_filter([
            $counts === []
                ? Words::say('said.import.nothing-out')
                : Words::say('said.import.undone', ['what' => $this->inWords($counts)]),
            $undone->stay === [] ? null : Words::say('said.import.stay', [
                'names' => implode(', ', array_slice($undone->stay, 0, 8)) . (count($undone->stay) > 8 ? ' …' : ''),
            ]),
            $undone->left === 0 ? null : trans_choice('said.import.left', $undone->left),
        ])));
    }

    public function drop(Import $import): RedirectResponse
    {
        if ($import->taken_at === null) {
            $import->delete();
        }

        return redirect()->route('salon.data')->with('said', Words::say('said.data-transfer.drop'));
    }

    /** @param array<string, int> $counts */
    private function inWords(array $counts): string
    {
        return implode(', ', array_map(
            static fn (string $what, int $many): string => trans_choice("said.import.{$what}", $many),
            array_keys($counts),
            $counts,
        ));
    }
}
