<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Clients\ClientRegistry;
use App\Http\Requests\ClientRequest;
use App\Models\Ability;
use App\Models\Head;
use App\Pages\Clients\ClientFormScreen;
use App\Pages\Clients\ClientsScreen;
use App\Pages\Now\NowScreen;
use App\Wording\ClientName;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class ClientsController extends Controller
{
    public function __construct(
        private readonly ClientFormScreen $clientFormScreen,
        private readonly ClientRegistry $clientRegistry,
        private readonly ClientsScreen $clientsScreen,
        private readonly NowScreen $nowScreen,
    ) {
    }

    public function index(Request $request): View
    {
        $search = mb_substr(trim($request->string('search')->value()), 0, 120);
        $show = KeptFilters::of($request, 'clients', ['show'], $this->salon()->today())['show'];
        $show = in_array($show, ClientsScreen::FILTERS, true) ? $show : 'all';

        return view('clients.index', $this->clientsScreen->of($this->salon(), $search, $show));
    }

    public function create(): View
    {
        return view('clients.form', $this->clientFormScreen->of($this->salon()));
    }

    public function store(ClientRequest $request): RedirectResponse
    {
        $head = $this->clientRegistry->register(
            $this->salon(),
            $request->columns(),
            $request->zoneParts(),
            (array) $request->validated('notebook', []),
            $request->today(),
        );

        return redirect()->route('clients.now', $head)->with(
            'said',
            Words::say('said.clients.store', ['name' => ClientName::shown($head->name)]),
        );
    }

    /** Whoever does not care for hair is led to how the client is reached. */
    public function show(Head $head): View|RedirectResponse
    {
        if (Gate::denies(Ability::Care->value)) {
            return redirect()->route('clients.contact', $head);
        }

        return view('now.show', $this->nowScreen->of($head));
    }

    public function edit(Head $head): View
    {
        return view('clients.form', $this->clientFormScreen->of($this->salon(), $head));
    }

    public function update(ClientRequest $request, Head $head): RedirectResponse
    {
        $since = $request->input('zones_are') === 'changed' ? $request->date('zones_since', 'Y-m-d') : null;
        $this->clientRegistry->change(
            $head,
            $request->columns(),
            $request->zoneParts(),
            $since,
            (array) $request->validated('notebook', []),
            $request->boolean('consent') ? $request->today() : null,
        );

        return redirect()->route('clients.now', $head)->with('said', Words::say('said.clients.update'));
    }

    public function takeZone(Head $head, string $zone): RedirectResponse
    {
        $taken = $this->clientRegistry->takeZone($head, $zone);

        return redirect()->route('clients.now', $head)->with('said', $taken
            ? Words::say('said.clients.take-zone')
            : Words::say('said.clients.take-zone-2'));
    }
}
