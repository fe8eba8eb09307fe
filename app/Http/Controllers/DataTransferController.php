<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\DataTransfer\ClientCards;
use App\Care\DataTransfer\ClientErasure;
use App\Care\DataTransfer\ClientTraces;
use App\Care\DataTransfer\ImportReader;
use App\Care\DataTransfer\Imports;
use App\Care\DataTransfer\SalonArchive;
use App\Http\Requests\ImportRequest;
use App\Models\Deletion;
use App\Models\Head;
use App\Models\Import;
use App\Pages\Clients\ErasedPage;
use App\Pages\Clients\ErasePage;
use App\Pages\Salon\DataPage;
use App\Pages\Salon\ImportPage;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** In and out: the whole salon or one head, to take away, to take in, to delete. */
final class DataTransferController extends Controller
{
    public function __construct(
        private readonly ClientCards $clientCards,
        private readonly ClientErasure $clientErasure,
        private readonly ImportReader $importReader,
        private readonly Imports $imports,
        private readonly SalonArchive $salonArchive,
    ) {
    }

    public function show(): View
    {
        return view('salon.data', new DataPage(
            heads: Head::query()->where('salon_id', $this->salon()->id)->count(),
            deletions: Deletion::query()->where('salon_id', $this->salon()->id)->latest('id')->limit(12)->get(),
        ));
    }

    public function archive(): BinaryFileResponse
    {
        activity()->log('salon exported');

        return response()->download(
            $this->salonArchive->ofSalon($this->salon()),
            'nagomi-' . $this->salon()->today()->format('Y-m-d') . '.zip',
        )->deleteFileAfterSend();
    }

    public function cards(): Response
    {
        activity()->log('clients-exported');
        /** @var Collection<int, Head> $heads */
        $heads = Head::query()->where('salon_id', $this->salon()->id)->orderBy('name')->get();

        return response(
            $this->clientCards->write($heads),
            200,
            [
                'Content-Type' => 'text/vcard; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="clients.vcf"',
            ],
        );
    }

    public function parcel(Head $head): BinaryFileResponse
    {
        activity()->performedOn($head)->log('everything exported for the client');

        return response()->download(
            $this->salonArchive->ofHead($head->loadMissing('salon')),
            (Str::slug($head->name) ?: 'head') . '.zip',
        )->deleteFileAfterSend();
    }

    public function look(ImportRequest $request): RedirectResponse
    {
        $import = new Import([
            'user_id' => $this->stylist()->id,
            'name' => $request->filename(),
            'found' => $this->importReader->found($request->bytes(), $request->filename(), $this->salon()),
        ]);
        $import->salon_id = $this->salon()->id;
        $import->save();

        return redirect()->route('salon.data.import', $import);
    }

    public function preview(Import $import): View
    {
        return view(
            'salon.import',
            new ImportPage(
                import: $import,
                good: count(array_filter($import->found, fn (array $found): bool => ($found['problems'] ?? []) === [])),
                here: count(array_filter(
                    $import->found,
                    fn (array $found): bool => ($found['here'] ?? false) === true && ($found['problems'] ?? []) === [],
                )),
            ),
        );
    }

    public function take(Request $request, Import $import): RedirectResponse
    {
        $new = $this->imports->take($import, $this->salon(), $request->boolean('again'));

        return redirect()->route('clients.index')->with(
            'said',
            trans_choice('said.data-transfer.take', $new),
        );
    }

    public function drop(Import $import): RedirectResponse
    {
        $import->delete();

        return redirect()->route('salon.data')->with('said', Words::say('said.data-transfer.drop'));
    }

    public function farewell(Head $head): View
    {
        $traces = ClientTraces::of($head);

        return view(
            'clients.erase',
            new ErasePage(head: $head, counts: $traces->counts(), files: count($traces->files($head))),
        );
    }

    public function delete(Request $request, Head $head): RedirectResponse
    {
        $request->validate(
            ['name' => ['required', Rule::in([$head->name])]],
            ['name.*' => Words::say('refusals.erase.name', ['name' => $head->name])],
        );
        $deletion = $this->clientErasure->to($head, $this->stylist()->name);

        return redirect()->route('salon.data.proof', $deletion);
    }

    public function proof(Deletion $deletion): View
    {
        return view('clients.erased', new ErasedPage(deletion: $deletion, salon: $this->salon()));
    }
}
