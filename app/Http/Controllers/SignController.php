<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Signs;
use App\Http\Requests\ClearSignRequest;
use App\Http\Requests\RaiseSignRequest;
use App\Models\Head;
use Illuminate\Http\RedirectResponse;

final class SignController extends Controller
{
    public function raise(RaiseSignRequest $request, Head $head): RedirectResponse
    {
        Signs::raise($head, $request->string('sign')->value(), $request->string('seen')->value(), $this->stylist()->name);

        return redirect()->route('heads.show', $head)->with('said', 'Noted. What it bars is left out of the plan until a named person has cleared it.');
    }

    public function clear(ClearSignRequest $request, Head $head): RedirectResponse
    {
        Signs::clear($head, $request->string('sign')->value(), $request->string('cleared_by')->value(), $request->date('cleared_on', 'Y-m-d') ?? now());

        return redirect()->route('heads.show', $head)->with('said', 'Cleared; the season is planned anew without that bar.');
    }
}
