<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Clients\SafetyFlags;
use App\Http\Requests\ClearFlagRequest;
use App\Http\Requests\JudgeFlagRequest;
use App\Http\Requests\RaiseFlagRequest;
use App\Models\Head;
use App\Wording\Words;
use DomainException;
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
            Words::say('said.safety-flag.raise'),
        );
    }

    /** Looks at what a reading raised: it is so, or it was something else. */
    public function judge(JudgeFlagRequest $request, Head $head): RedirectResponse
    {
        $because = $request->because();
        try {
            $this->safetyFlags->judge(
                $head,
                $request->integer('clearance'),
                $because,
                $this->stylist()->name,
            );
        } catch (DomainException $gone) {
            return redirect()->route('clients.now', $head)->with('said', $gone->getMessage());
        }

        return redirect()->route('clients.now', $head)->with(
            'said',
            __($because === null ? 'scalp.raised.confirmed' : 'scalp.raised.withdrawn'),
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
            Words::say('said.safety-flag.clear'),
        );
    }
}
