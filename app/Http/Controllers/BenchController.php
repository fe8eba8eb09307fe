<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\BenchPage;
use App\Care\Renewal;
use App\Care\TakeIn;
use App\Http\Requests\BenchRequest;
use App\Models\Head;
use App\Models\Reading;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

final class BenchController extends Controller
{
    public function create(Request $request, Head $head): View
    {
        return view('heads.bench', BenchPage::of($head, session('visit'), $this->text($request->old('moment', $request->query('moment')))));
    }

    public function store(BenchRequest $request, Head $head): RedirectResponse
    {
        $before = Renewal::current($head)->standing;
        $visit = strtolower((string) Str::ulid());
        $readings = $request->readings($this->stylist()->name);
        DB::transaction(fn () => TakeIn::readings($head, $readings, $visit, $request->seconds()));
        Renewal::of($head, $readings[0]->date ?? null);

        return redirect()->route('heads.bench', [$head, ...$request->input('moment') === 'before-cleansing' ? [] : ['moment' => $request->string('moment')->value()]])->with('visit', ['id' => $visit, 'before' => $before]);
    }

    public function confirm(Head $head, Reading $reading): RedirectResponse
    {
        $before = Renewal::current($head)->standing;
        $reading->update(['confirmed' => true]);
        Renewal::of($head, $reading->date);

        return redirect()->route('heads.bench', $head)->with('visit', ['id' => $reading->visit, 'before' => $before]);
    }

    public function destroy(Head $head, string $visit): RedirectResponse
    {
        $gone = $head->readings()->where('visit', $visit)->get();
        // One by one, so that the audit trail hears of each.
        $gone->each(fn (Reading $reading) => $reading->delete());
        Renewal::of($head, $gone->min('date'));

        return redirect()->route('heads.bench', $head)
            ->with('said', $gone->isEmpty() ? 'That visit was undone before.' : 'Undone: the readings of that visit are taken back.');
    }

    private function text(mixed $typed): string
    {
        return is_string($typed) ? $typed : '';
    }
}
