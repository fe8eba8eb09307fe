<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\Invitations;
use App\Care\Accounts\SignIn;
use App\Http\Requests\JoinRequest;
use App\Models\User;
use App\Pages\Accounts\InvitationPage;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/**
 * Where somebody who was asked to join a salon does so; the link is signed, and asks for no other proof of who is new.
 * Who works in another salon already signs in first.
 */
final class InvitationController extends Controller
{
    public function __construct(
        private readonly Invitations $invitations,
        private readonly SignIn $signIn,
    ) {
    }

    public function show(Request $request, string $invitation): View|RedirectResponse
    {
        $asked = $request->hasValidSignature() ? $this->invitations->of((int) $invitation) : null;
        if ($asked === null || ! $asked->isOpen()) {
            return $this->over();
        }
        $isKnown = $this->invitations->isTaken($asked->email);
        $user = $request->user();
        if ($isKnown && $user === null) {
            // After signing in they come back here.
            $request->session()->put('url.intended', $request->fullUrl());
        }

        return view('accounts.join', new InvitationPage(
            invitation: $asked,
            link: $request->fullUrl(),
            isKnown: $isKnown,
            isMe: $user instanceof User ? $user->address() === $asked->email : null,
        ));
    }

    public function accept(JoinRequest $request, string $invitation): RedirectResponse
    {
        $user = $request->user();
        $seat = match (true) {
            ! $request->hasValidSignature() => null,
            $user instanceof User => $this->invitations->acceptAs((int) $invitation, $user),
            default => $this->invitations->accept(
                (int) $invitation,
                trim($request->string('name')->value()),
                $request->string('password')->value(),
                app()->getLocale(),
            ),
        };
        if ($seat === null) {
            return $this->over();
        }
        $this->signIn->enter($request->session(), $seat);

        return redirect()->route('today')->with('said', Words::say('people.said.joined', [
            'salon' => $seat->salon->name,
        ]));
    }

    private function over(): RedirectResponse
    {
        return redirect()->route('sign-in')->with('said', Words::say('people.over'));
    }
}
