<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\WashDays\WashSessionActs;
use App\Care\WashDays\WashSessions;
use App\Http\Requests\ActsRequest;
use App\Http\Requests\FinishRequest;
use App\Http\Requests\WashSessionRequest;
use App\Models\Head;
use App\Models\WashSession;
use App\Pages\Wash\WashScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class WashController extends Controller
{
    public function __construct(
        private readonly WashScreen $washScreen,
        private readonly WashSessionActs $washSessionActs,
        private readonly WashSessions $washSessions,
    ) {
    }

    public function setUp(WashSessionRequest $request, Head $head): View
    {
        return view(
            'wash.set-up',
            $this->washScreen->setUp($head, $request->limit(), $request->drying(), $request->styling()),
        );
    }

    public function begin(WashSessionRequest $request, Head $head): RedirectResponse
    {
        $running = WashSession::running($head);
        if ($running !== null && $running->date->isSameDay($head->salon->today())) {
            return redirect()->route('clients.wash.run', [$head, $running])->with(
                'said',
                "{$running->by} began this wash day already; here it is.",
            );
        }
        $washSession = $this->washSessions->begin(
            $head,
            $request->limit(),
            $request->drying(),
            $request->styling(),
            $this->stylist()->name,
        );

        return redirect()->route('clients.wash.run', [$head, $washSession]);
    }

    public function run(Head $head, WashSession $washSession): View
    {
        return $washSession->finished_at === null
            ? view('wash.run', $this->washScreen->run($head, $washSession))
            : view('wash.done', $this->washScreen->done($head, $washSession));
    }

    public function acts(Request $request, Head $head, WashSession $washSession): JsonResponse
    {
        $acts = ActsRequest::of($request);
        $washSession->setRelation('head', $head->loadMissing('salon'));
        $answers = $acts->answered(fn (array $sent): array => $this->washSessionActs->act(
            $washSession,
            $sent,
            $this->stylist()->name,
            $acts->device,
        ));

        return response()->json(['answers' => $answers] + $this->washScreen->told($washSession));
    }

    public function finish(FinishRequest $request, Head $head, WashSession $washSession): RedirectResponse
    {
        $said = $request->minutes();
        $doubtful = $washSession->finished_at === null
            ? array_diff_key($this->washSessionActs->doubtful($washSession), $said)
            : [];
        if ($doubtful !== []) {
            return redirect()->route('clients.wash.run', [$head, $washSession])->with('doubtful', $doubtful);
        }
        $this->washSessionActs->finish($washSession, $this->stylist()->name, $said);

        return redirect()->route('clients.wash.run', [$head, $washSession]);
    }

    public function destroy(Head $head, WashSession $washSession): RedirectResponse
    {
        $this->washSessions->breakOff($head, $washSession, $this->stylist()->name);

        return redirect()->route('clients.wash', $head)->with(
            'said',
            'That wash day was broken off; nothing of it is in the book.',
        );
    }
}
