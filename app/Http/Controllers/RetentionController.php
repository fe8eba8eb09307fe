<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\DataTransfer\Forgetting;
use App\Http\Requests\RetentionRequest;
use App\Models\Head;
use App\Wording\Words;
use Illuminate\Http\RedirectResponse;

/** How long clients who do not come any more are kept, and who is kept all the same. */
final class RetentionController extends Controller
{
    public function update(RetentionRequest $request, Forgetting $forgetting): RedirectResponse
    {
        $salon = $this->salon();
        $salon->update(['forget_after_years' => $request->years()]);
        // Who is named by it stands on the page at once, and has the whole month.
        $forgetting->look($salon);

        return redirect()->route('salon.data')->with('said', Words::say('said.shared.saved'));
    }

    public function keep(Head $head): RedirectResponse
    {
        $head->update(['kept_on' => $this->salon()->today()->format('Y-m-d'), 'forget_on' => null]);

        return redirect()->route('salon.data')->with('said', Words::say('forgetting.kept', ['name' => $head->name]));
    }
}
