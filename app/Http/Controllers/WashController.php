<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\WashDays\DraftRenewal;
use App\Care\WashDays\UntappedSteps;
use App\Care\WashDays\WashCorrections;
use App\Care\WashDays\WashSessionActs;
use App\Care\WashDays\WashSessionEnd;
use App\Care\WashDays\WashSessions;
use App\Http\Requests\ActsRequest;
use App\Http\Requests\FinishRequest;
use App\Http\Requests\WashSessionRequest;
use App\Models\Head;
use App\Models\WashSession;
use App\Pages\Wash\WashScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class WashController extends Controller
{
    public function __construct(
        private readonly WashCorrections $washCorrections,
        private readonly UntappedSteps $untappedSteps,
        private readonly WashScreen $washScreen,
        private readonly WashSessionActs $washSessionActs,
        private readonly WashSessionEnd $washSessionEnd,
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
        if ($running !== null) {
            return redirect()->route('clients.wash.run', [$head, $running])->with(
                'said',
                $this->washScreen->isLeftOpen($running)
                    ? Words::say('wash.open.first')
                    : Words::say('wash.running-already', ['by' => $running->by]),
            );
        }
        $of = [$head, $request->limit(), $request->drying(), $request->styling(), $this->stylist()->name];
        $like = $request->like($head);

        return redirect()->route('clients.wash.run', [
            $head,
            $request->boolean('change') || $like !== null
                ? $this->washSessions->layOut(...[...$of, $like])
                : $this->washSessions->begin(...$of),
        ]);
    }

    /** Begins the wash day that was laid out by hand. */
    public function start(Head $head, WashSession $washSession): RedirectResponse
    {
        $begun = $this->washSessions->start($head, $washSession, $this->stylist()->name);
        $isLess = $begun->acts()->where('refused', Words::say(DraftRenewal::REFUSAL))->exists();

        return redirect()
            ->route('clients.wash.run', [$head, $begun])
            ->with($isLess ? ['said' => Words::say('wash.laid-anew')] : []);
    }

    public function run(Head $head, WashSession $washSession): View
    {
        if ($washSession->finished_at !== null) {
            return view('wash.done', $this->washScreen->done($head, $washSession));
        }

        return match (true) {
            $washSession->began_at === null => view('wash.lay-out', $this->washScreen->layOut($head, $washSession)),
            $this->washScreen->isLeftOpen($washSession)
                => view('wash.left-open', $this->washScreen->leftOpen($head, $washSession)),
            default => view('wash.run', $this->washScreen->run($head, $washSession)),
        };
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
        if ($washSession->began_at === null) {
            return redirect()->route('clients.wash.run', [$head, $washSession])->with(
                'said',
                Words::say('acts.wash.not-begun'),
            );
        }
        $said = $request->minutes();
        $isOpen = $washSession->finished_at === null;
        $doubtful = $isOpen ? array_diff_key($this->washSessionEnd->doubtful($washSession), $said) : [];
        $open = $isOpen ? $this->untappedSteps->of($washSession) : [];
        if ($doubtful !== [] || ($open !== [] && $request->asksOfOpen())) {
            return redirect()->route('clients.wash.run', [$head, $washSession])->withInput()->with(
                array_filter(['doubtful' => $doubtful, 'untapped' => $open]),
            );
        }
        $this->washSessionEnd->finish(
            $washSession,
            $this->stylist()->name,
            $said,
            $request->done(array_map(strval(...), array_keys($open))),
        );

        return redirect()->route('clients.wash.run', [$head, $washSession]);
    }

    /** Minutes of a wash day that has ended. */
    public function correct(FinishRequest $request, Head $head, WashSession $washSession): RedirectResponse
    {
        $isCorrected = $this->washCorrections->minutes($washSession, $request->minutes(), $this->stylist()->name);

        return redirect()->route('clients.wash.run', [$head, $washSession])->with(
            'said',
            Words::say($isCorrected ? 'wash.corrected' : 'wash.not-as-run'),
        );
    }

    public function destroy(Head $head, WashSession $washSession): RedirectResponse
    {
        $this->washSessions->breakOff($head, $washSession, $this->stylist()->name);

        return redirect()->route('clients.wash', $head)->with(
            'said',
            Words::say($washSession->began_at === null ? 'wash.laid-aside' : 'wash.broken-off'),
        );
    }
}
