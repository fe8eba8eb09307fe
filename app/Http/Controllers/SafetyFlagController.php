<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Clients\SafetyFlags;
use App\Http\Requests\ClearFlagRequest;
use App\Http\Requests\RaiseFlagRequest;
use App\Models\Head;
use Illuminate\Http\RedirectResponse;

final class SafetyFlagController extends Controller
{
    public function __construct(
        private readonly SafetyFlags $safetyFlags,
    ) {
    }

    public function raise(RaiseFlagRequest $request, Head $head): RedirectResponse
    {
        $this->safetyFlags->raise(
            $head,
            $request->string('sign')->value(),
            $request->string('seen')->value(),
            $this->stylist()->name,
        );

        return redirect()->route('clients.now', $head)->with(
            'said',
            'Noted. What it bars is left out of the plan until a named person has cleared it.',
        );
    }

    public function clear(ClearFlagRequest $request, Head $head): RedirectResponse
    {
        $this->safetyFlags->clear(
            $head,
            $request->string('sign')->value(),
            $request->string('cleared_by')->value(),
            $request->date('cleared_on', 'Y-m-d') ?? now(),
        );

        return redirect()->route('clients.now', $head)->with(
            'said',
            'Cleared; the season is planned anew without that bar.',
        );
    }
}
