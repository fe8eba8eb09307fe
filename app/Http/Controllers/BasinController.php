<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\BasinBook;
use App\Care\BasinPlanner;
use App\Care\BasinState;
use App\Care\Desk\Progress;
use App\Http\Requests\BasinActsRequest;
use App\Http\Requests\BasinRequest;
use App\Http\Requests\FinishRequest;
use App\Models\Basin;
use App\Models\BasinAct;
use App\Models\Head;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

final class BasinController extends Controller
{
    public function setUp(BasinRequest $request, Head $head): View
    {
        return view('heads.basin.set-up', [
            'head' => $head->loadMissing('salon'),
            'plan' => BasinPlanner::of($head, $request->limit(), $request->drying(), $request->styling()),
            'drying' => $request->drying()->value,
            'styling' => $request->styling()->value,
            'foretold' => BasinPlanner::foretold($head),
            'running' => $this->running($head),
        ]);
    }

    public function begin(BasinRequest $request, Head $head): RedirectResponse
    {
        $running = $this->running($head);
        if ($running !== null && $running->date->isSameDay($head->salon->today())) {
            return redirect()->route('heads.basin.run', [$head, $running])->with('said', "{$running->by} began this wash day already; here it is.");
        }
        $basin = new Basin(['head_id' => $head->id, 'date' => $head->salon->today()->format('Y-m-d'), 'plan' => BasinPlanner::of($head, $request->limit(), $request->drying(), $request->styling()), 'by' => $this->stylist()->name]);
        $basin->salon_id = $head->salon_id;
        $basin->save();
        Progress::begun($head, $this->stylist()->name);

        return redirect()->route('heads.basin.run', [$head, $basin]);
    }

    public function run(Head $head, Basin $basin): View
    {
        return $basin->finished_at === null
            ? view('heads.basin.run', ['head' => $head, 'basin' => $basin, 'told' => $this->told($basin)])
            : view('heads.basin.done', ['head' => $head, 'basin' => $basin, 'shed' => BasinPlanner::shedBall($head, $basin)]);
    }

    public function acts(BasinActsRequest $request, Head $head, Basin $basin): JsonResponse
    {
        if ($basin->finished_at === null) {
            BasinBook::act($basin, $request->acts(), $this->stylist()->name, $request->device());
        }

        return response()->json($this->told($basin->refresh()));
    }

    public function finish(FinishRequest $request, Head $head, Basin $basin): RedirectResponse
    {
        $said = $request->minutes();
        $doubtful = $basin->finished_at === null ? array_diff_key(BasinBook::doubtful($basin), $said) : [];
        if ($doubtful !== []) {
            return redirect()->route('heads.basin.run', [$head, $basin])->with('doubtful', $doubtful);
        }
        BasinBook::finish($basin, $this->stylist()->name, $said);

        return redirect()->route('heads.basin.run', [$head, $basin]);
    }

    public function destroy(Head $head, Basin $basin): RedirectResponse
    {
        if ($basin->finished_at === null) {
            $basin->delete();
            Progress::brokenOff($head, $this->stylist()->name);
        }

        return redirect()->route('heads.basin', $head)->with('said', 'That wash day was broken off; nothing of it is in the book.');
    }

    private function running(Head $head): ?Basin
    {
        /** @var Basin|null */
        return Basin::query()->where('head_id', $head->id)->whereNull('finished_at')->latest('id')->first();
    }

    /** @return array<string, mixed> where it stands, which acts are known, and which did not count */
    private function told(Basin $basin): array
    {
        $acts = BasinBook::acts($basin);

        $state = BasinState::of($basin, $acts);

        return [
            'steps' => $state->toArray(),
            'order' => $state->order(),
            'known' => array_map(fn (BasinAct $act): string => $act->key, $acts),
            'refused' => array_values(array_map(fn (BasinAct $act): array => ['key' => $act->key, 'step' => $act->step, 'by' => $act->by, 'says' => $act->refused], array_filter($acts, fn (BasinAct $act): bool => $act->refused !== null))),
            'finished' => $basin->finished_at !== null,
        ];
    }
}
