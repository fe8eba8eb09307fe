<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\Sessions;
use App\Care\Accounts\SignIn;
use App\Http\Requests\NewPasswordRequest;
use App\Models\User;
use App\Pages\Accounts\NewPasswordPage;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Another password for whoever forgot theirs, by the link the owner, or the terminal, gave them. */
final class PasswordController extends Controller
{
    public function __construct(
        private readonly Sessions $sessions,
        private readonly SignIn $signIn,
    ) {
    }

    public function show(Request $request, User $user): View|RedirectResponse
    {
        return NewPasswordRequest::isGood($request, $user) && $this->signIn->first($user) !== null
            ? view('accounts.password', new NewPasswordPage($user, $request->fullUrl()))
            : $this->over();
    }

    public function update(NewPasswordRequest $request, User $user): RedirectResponse
    {
        // Of two who send the same link at once, the second finds it used.
        $user = User::query()->lockForUpdate()->findOrFail($user->id);
        $seat = $this->signIn->first($user);
        if ($seat === null || ! NewPasswordRequest::isGood($request, $user)) {
            return $this->over();
        }
        $user->update(['password' => $request->string('password')->value()]);
        $this->sessions->end($user);
        activity()->causedBy($seat)->performedOn($seat)->log('password-changed');
        if ($seat->hasSecondStep()) {
            $this->signIn->wait($request->session(), $seat);

            return redirect()->route('sign-in.code');
        }
        $this->signIn->enter($request->session(), $seat, typed: true);

        return redirect()->route('today')->with('said', Words::say('people.said.password'));
    }

    private function over(): RedirectResponse
    {
        return redirect()->route('sign-in')->with('said', Words::say('people.password-over'));
    }
}
