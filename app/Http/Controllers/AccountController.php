<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\Sessions;
use App\Http\Requests\PasswordRequest;
use App\Wording\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One's own password, and where one is signed in. */
final class AccountController extends Controller
{
    public function __construct(
        private readonly Sessions $sessions,
    ) {
    }

    /** Whoever may have known the old one is signed out. */
    public function password(PasswordRequest $request): RedirectResponse
    {
        $this->stylist()->update(['password' => $request->string('password')->value()]);
        $this->sessions->end($this->stylist(), $request->session()->getId());

        return redirect()->route('salon.people')->with('said', Words::say('people.said.password'));
    }

    public function elsewhere(Request $request): RedirectResponse
    {
        $ended = $this->sessions->end($this->stylist(), $request->session()->getId());

        return redirect()->route('salon.people')->with('said', trans_choice('people.said.elsewhere', $ended));
    }
}
