<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ContactRequest;
use App\Models\Head;
use App\Pages\Clients\ContactScreen;
use App\Wording\ClientName;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** How a client is called and reached: all that the front desk sees of them. */
final class ContactController extends Controller
{
    public function __construct(private readonly ContactScreen $contactScreen)
    {
    }

    public function edit(Head $head): View
    {
        return view('clients.contact', $this->contactScreen->of($this->salon(), $head));
    }

    public function update(ContactRequest $request, Head $head): RedirectResponse
    {
        $head->update($request->columns());

        return redirect()->route('clients.contact', $head)->with(
            'said',
            Words::say('contact.said', ['name' => ClientName::shown($head->name)]),
        );
    }
}
