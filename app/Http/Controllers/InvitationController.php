<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\Invitations;
use App\Http\Requests\JoinRequest;
use App\Models\Invitation;
use App\Pages\Accounts\InvitationPage;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Where somebody who was asked to join a salon does so; the link is signed, and asks for no other proof. */
final class InvitationController extends Controller
{
    public function __construct(
        private readonly Invitations $invitations,
    ) {
    }

    public function show(Request $request, string $invitation): View|RedirectResponse
    {
        $asked = $request->hasValidSignature() ? Invitation::query()->find((int) $invitation) : null;

        return $asked === null || ! $asked->isOpen() || $this->invitations->isTaken($asked->email)
            ? $this->over()
            : view('accounts.join', new InvitationPage($asked, $request->fullUrl()));
    }

    public function accept(JoinRequest $request, string $invitation): RedirectResponse
    {
        $user = ! $request->hasValidSignature() ? null : $this->invitations->accept(
            (int) $invitation,
            trim($request->string('name')->value()),
            $request->string('password')->value(),
            app()->getLocale(),
        );
        if ($user === null) {
            return $this->over();
        }
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('today')->with('said', Words::say('people.said.joined', [
            'salon' => $user->salon->name,
        ]));
    }

    private function over(): RedirectResponse
    {
        return redirect()->route('sign-in')->with('said', Words::say('people.over'));
    }
}
