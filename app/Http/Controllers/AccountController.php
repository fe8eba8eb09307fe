<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\Sessions;
use App\Care\Accounts\SignIn;
use App\Care\Accounts\TypedPassword;
use App\Http\Requests\ConfirmRequest;
use App\Http\Requests\PasswordRequest;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One's own password, and where one is signed in. */
final class AccountController extends Controller
{
    public function __construct(
        private readonly Sessions $sessions,
        private readonly SignIn $signIn,
        private readonly TypedPassword $typedPassword,
    ) {
    }

    public function again(): View
    {
        return view('accounts.confirm');
    }

    public function confirm(ConfirmRequest $request): RedirectResponse
    {
        $this->typedPassword->now($request->session());
        $then = $this->typedPassword->then($request->session());

        return redirect()->to($then ?? route('today'))->with('said', Words::say('people.again.said'));
    }

    /** Whoever may have known the old one is signed out. */
    public function password(PasswordRequest $request): RedirectResponse
    {
        $this->stylist()->account()->update(['password' => $request->string('password')->value()]);
        $this->sessions->end($this->stylist(), $request->session()->getId());
        activity()->performedOn($this->stylist())->log('password-changed');

        return redirect()->route('salon.people')->with('said', Words::say('people.said.password'));
    }

    public function elsewhere(Request $request): RedirectResponse
    {
        $ended = $this->sessions->end($this->stylist(), $request->session()->getId());

        return redirect()->route('salon.people')->with('said', trans_choice('people.said.elsewhere', $ended));
    }

    /** To another salon one works in. */
    public function salonOf(Request $request): RedirectResponse
    {
        $seat = $this->signIn->elsewhere($this->stylist(), $request->integer('seat')) ?? abort(404);
        $this->signIn->enter($request->session(), $seat);

        return redirect()->route('today')->with('said', Words::say('people.said.switched', [
            'salon' => $seat->salon->name,
        ]));
    }
}
