<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Archive\SalonArchive;
use App\Care\DataTransfer\ClientCards;
use App\Care\DataTransfer\ClientErasure;
use App\Care\DataTransfer\ClientTraces;
use App\Care\DataTransfer\Forgetting;
use App\Models\Deletion;
use App\Models\Head;
use App\Models\Import;
use App\Pages\Clients\ErasedPage;
use App\Pages\Clients\ErasePage;
use App\Pages\History\WholeHistory;
use App\Pages\Salon\DataPage;
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
        private readonly SalonArchive $salonArchive,
        private readonly WholeHistory $wholeHistory,
    ) {
    }

    public function show(): View
    {
        return view('salon.data', new DataPage(
            heads: Head::query()->where('salon_id', $this->salon()->id)->count(),
            imports: Import::query()->where('salon_id', $this->salon()->id)->latest('id')->limit(12)->get(),
            deletions: Deletion::query()->where('salon_id', $this->salon()->id)->latest('id')->limit(12)->get(),
            forgetAfterYears: $this->salon()->forget_after_years,
            soon: Head::query()
                ->where('salon_id', $this->salon()->id)
                ->whereNotNull('forget_on')
                ->orderBy('forget_on')
                ->orderBy('name')
                ->get(['id', 'salon_id', 'name', 'forget_on']),
            toldDays: Forgetting::TOLD_DAYS,
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
            $this->salonArchive->ofHead($head->loadMissing('salon'), [
                'history.pdf' => $this->wholeHistory->pdf($head),
                'history.json' => $this->wholeHistory->json($head),
            ]),
            (Str::slug($head->name) ?: 'head') . '.zip',
        )->deleteFileAfterSend();
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
