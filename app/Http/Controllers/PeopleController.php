<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Accounts\Invitations;
use App\Care\Accounts\Parting;
use App\Care\Accounts\Roles;
use App\Http\Requests\InvitationRequest;
use App\Http\Requests\RoleRequest;
use App\Models\Invitation;
use App\Models\User;
use App\Pages\Accounts\PeopleScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Who belongs to the salon, and one's own way in. */
final class PeopleController extends Controller
{
    public function __construct(
        private readonly Invitations $invitations,
        private readonly Parting $parting,
        private readonly Roles $roles,
    ) {
    }

    public function show(Request $request, PeopleScreen $screen): View
    {
        return view('salon.people', $screen->of(
            $this->stylist(),
            $request->session()->getId(),
            $request->integer('password-of'),
        ));
    }

    public function invite(InvitationRequest $request): RedirectResponse
    {
        $this->invitations->ask($this->stylist(), $request->name(), $request->address(), $request->role());

        return $this->said('invited', ['name' => $request->name()]);
    }

    public function withdraw(Invitation $invitation): RedirectResponse
    {
        abort_unless($invitation->salon_id === $this->salon()->id, 404);
        $invitation->delete();

        return $this->said('withdrawn', ['name' => $invitation->name]);
    }

    public function leave(User $user): RedirectResponse
    {
        $toCome = $this->parting->leave($user);

        return $toCome === 0
            ? $this->said('left', ['name' => $user->name])
            : redirect()->route('salon.people')->withErrors([
                'leave' => trans_choice('people.still-booked', $toCome, ['name' => $user->name]),
            ]);
    }

    public function role(RoleRequest $request, User $user): RedirectResponse
    {
        $kept = $this->roles->change($user, $request->role());

        return $kept === null
            ? $this->said('role', ['name' => $user->name, 'role' => Words::say("people.role.{$user->role->value}")])
            : redirect()->route('salon.people')->withErrors([
                'role' => Words::say("people.kept.{$kept->value}", ['name' => $user->name]),
            ]);
    }

    public function return(User $user): RedirectResponse
    {
        $this->parting->return($user);

        return $this->said('returned', ['name' => $user->name]);
    }

    /** @param array<string, string> $with */
    private function said(string $what, array $with): RedirectResponse
    {
        return redirect()->route('salon.people')->with('said', Words::say("people.said.{$what}", $with));
    }
}
