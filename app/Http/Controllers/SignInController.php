<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\TypedPassword;
use App\Http\Requests\SignInRequest;
use App\Models\Salon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SignInController extends Controller
{
    /** Where nobody could sign in yet, the first salon is opened. */
    public function create(): View|RedirectResponse
    {
        return Salon::query()->exists() ? view('accounts.sign-in') : redirect()->route('begin');
    }

    public function store(SignInRequest $request, TypedPassword $typedPassword): RedirectResponse
    {
        $request->signIn();
        $request->session()->regenerate();
        $typedPassword->now($request->session());

        return redirect()->intended(route('today'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
