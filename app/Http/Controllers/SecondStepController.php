<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\SecondStep;
use App\Http\Requests\CodeRequest;
use App\Models\User;
use App\Pages\Accounts\SecondStepScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The second step of signing in: set up, given new codes, turned off. */
final class SecondStepController extends Controller
{
    /** Codes to write down, for the next page alone. */
    private const CODES = 'second-codes';

    public function __construct(private readonly SecondStep $secondStep)
    {
    }

    public function show(Request $request, SecondStepScreen $screen): View
    {
        $user = $this->stylist();
        if (! $user->hasSecondStep()) {
            $this->secondStep->begin($user);
        }
        $codes = $request->session()->get(self::CODES);

        return view('accounts.second-step', $screen->of($user->refresh(), is_array($codes) ? $codes : []));
    }

    public function confirm(CodeRequest $request): RedirectResponse
    {
        $user = $this->stylist();
        $codes = $user->hasSecondStep() ? [] : $this->secondStep->confirm($user, $request->code());

        return $codes === null
            ? back()->withErrors(['code' => Words::say('people.wrong.code')])
            : $this->withCodes($codes);
    }

    public function codes(): RedirectResponse
    {
        abort_unless($this->stylist()->hasSecondStep(), 404);

        return $this->withCodes($this->secondStep->codesAnew($this->stylist()));
    }

    public function off(): RedirectResponse
    {
        $this->secondStep->off($this->stylist());

        return redirect()->route('salon.people')->with('said', Words::say('people.said.second-off'));
    }

    /** For whoever lost their phone and what they wrote down. */
    public function offFor(User $user): RedirectResponse
    {
        $this->secondStep->off($user);

        return redirect()->route('salon.people')->with('said', Words::say('people.said.second-off-for', [
            'name' => $user->name,
        ]));
    }

    /** @param list<string> $codes */
    private function withCodes(array $codes): RedirectResponse
    {
        return redirect()->route('account.second-step')->with(self::CODES, $codes);
    }
}
