<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\SecondStep;
use App\Care\Accounts\SignIn;
use App\Http\Requests\CodeRequest;
use App\Http\Requests\SignInRequest;
use App\Models\Salon;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SignInController extends Controller
{
    public function __construct(
        private readonly SecondStep $secondStep,
        private readonly SignIn $signIn,
    ) {
    }

    /** Where nobody could sign in yet, the first salon is opened. */
    public function create(): View|RedirectResponse
    {
        return Salon::query()->exists() ? view('accounts.sign-in') : redirect()->route('begin');
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $seat = $request->seat($this->signIn);
        if ($seat->hasSecondStep()) {
            $this->signIn->wait($request->session(), $seat);

            return redirect()->route('sign-in.code');
        }

        return $this->enter($request, $seat);
    }

    public function code(Request $request): View|RedirectResponse
    {
        return $this->signIn->waiting($request->session()) === null
            ? redirect()->route('sign-in')
            : view('accounts.code');
    }

    public function check(CodeRequest $request): RedirectResponse
    {
        $seat = $this->signIn->waiting($request->session());
        if ($seat === null) {
            return redirect()->route('sign-in');
        }
        $request->check($this->secondStep, $seat);

        return $this->enter($request, $seat);
    }

    public function destroy(Request $request): RedirectResponse
    {
        activity()->performedOn($this->stylist())->log('signed-out');
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }

    private function enter(Request $request, User $seat): RedirectResponse
    {
        $this->signIn->enter($request->session(), $seat, typed: true);

        return redirect()->intended(route('today'));
    }
}
