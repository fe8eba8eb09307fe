<?php

declare(strict_types=1);

/* Who belongs to a salon: asked by a link, let in once, gone without a trace being lost; and one's own way in. */

use App\Models\Booking;
use App\Models\CalendarFeed;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use App\Models\WorkingHours;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

function asOwner(FeatureTestCase $test): User
{
    $test->stylist->update(['role' => Role::Owner]);
    $owner = $test->stylist->fresh();
    $test->actingAs($owner);

    return $owner;
}

function asked(FeatureTestCase $test, string $email = 'odd@quay.example'): Invitation
{
    $test->post('/salon/invitations', ['invite_name' => 'Odd', 'invite_email' => $email])
        ->assertRedirect('/salon/people')->assertSessionHasNoErrors();

    return Invitation::query()->where('email', $email)->sole();
}

function colleague(FeatureTestCase $test): User
{
    return User::query()->updateOrCreate(['email' => 'quim@test.example'], [
        'salon_id' => $test->salon->id, 'name' => 'Quim', 'password' => 'a-long-password',
    ])->refresh();
}

/** A session as another device holds it. */
function signedInOn(User $user, string $agent): string
{
    DB::table('sessions')->insert([
        'id' => $id = str_pad(dechex(crc32($agent)), 40, '0'), 'user_id' => $user->id, 'ip_address' => '192.0.2.7',
        'user_agent' => $agent, 'payload' => '', 'last_activity' => now()->getTimestamp(),
    ]);

    return $id;
}

it('asks somebody to join by a link, and lets them in once', function (): void {
    asOwner($this);
    $invitation = asked($this, 'Odd@Quay.example');
    expect($invitation->email)->toBe('odd@quay.example');
    $link = $invitation->link();
    $this->get('/salon/people')->assertOk()->assertSee($link)->assertSee('link good until 16 Jan');
    Auth::logout();
    $this->get($link)->assertOk()->assertSee('Join Test salon')->assertSee('odd@quay.example');
    $this->post($link, ['name' => 'Odd Eir', 'password' => 'short'])->assertSessionHasErrors('password');
    expect(User::query()->where('email', 'odd@quay.example')->exists())->toBeFalse();
    $this->post($link, ['name' => 'Odd Eir', 'password' => 'lamp ferry moss'])->assertRedirect('/today');
    $odd = User::query()->where('email', 'odd@quay.example')->sole();
    expect([$odd->salon_id, $odd->name, $odd->role])->toBe([$this->salon->id, 'Odd Eir', Role::Stylist])
        ->and(Hash::check('lamp ferry moss', $odd->password))->toBeTrue();
    $this->assertAuthenticatedAs($odd);
    Auth::logout();
    // Opened again, or sent again by another hand, it is worth nothing any more.
    $this->get($link)->assertRedirect('/sign-in');
    $this->post($link, ['name' => 'Eve', 'password' => 'lamp ferry moss'])->assertRedirect('/sign-in');
    expect(User::query()->where('salon_id', $this->salon->id)->count())->toBe(2);
});

it('lets nobody in by a link that ran out, was taken back or was changed', function (): void {
    asOwner($this);
    $invitation = asked($this);
    $link = $invitation->link();
    Auth::logout();
    $typed = ['name' => 'Eve', 'password' => 'lamp ferry moss'];
    foreach ([str_replace('signature=', 'signature=0', $link), "/invitations/{$invitation->id}"] as $other) {
        $this->get($other)->assertRedirect('/sign-in');
        $this->post($other, $typed)->assertRedirect('/sign-in');
    }
    $this->travel(8)->days();
    $this->get($link)->assertRedirect('/sign-in');
    $this->post($link, $typed)->assertRedirect('/sign-in');
    expect(User::query()->where('name', 'Eve')->exists())->toBeFalse();
    $this->travel(-8)->days();
    $this->actingAs($this->stylist->fresh())->delete("/salon/invitations/{$invitation->id}")->assertRedirect();
    Auth::logout();
    $this->get($link)->assertRedirect('/sign-in');
    $this->get('/sign-in')->assertSee('not good any more');
});

it('says what to type instead where an invitation cannot be', function (array $typed, string $field, string $says): void {
    asOwner($this);
    $this->post('/salon/invitations', $typed + ['invite_name' => 'Odd', 'invite_email' => 'odd@quay.example'])
        ->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($says)->and(Invitation::query()->count())->toBe(0);
})->with([
    'no name' => [['invite_name' => ''], 'invite_name', 'Type the name'],
    'half an address' => [['invite_email' => 'odd@'], 'invite_email', 'Type an email address'],
    'somebody who signs in already' => [['invite_email' => 'ilse@test.example'], 'invite_email', 'already'],
]);

it('leaves it to the owner who belongs to the salon', function (): void {
    $this->stylist->update(['role' => Role::Stylist]);
    $this->actingAs($this->stylist->fresh());
    $colleague = colleague($this);
    $this->get('/salon/people')->assertOk()
        ->assertSee('The owner asks people to join')->assertDontSee('Make the link');
    $this->post('/salon/invitations', ['invite_name' => 'Odd', 'invite_email' => 'odd@quay.example'])
        ->assertForbidden();
    $this->put("/salon/people/{$colleague->id}/left")->assertForbidden();
    expect(Invitation::query()->count())->toBe(0)->and($colleague->fresh()->left_at)->toBeNull();
    // Of another salon nobody is there, whoever asks; and an owner does not leave.
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    asOwner($this);
    $this->put("/salon/people/{$stranger->id}/left")->assertNotFound();
    $this->put("/salon/people/{$this->stylist->id}/left")->assertForbidden();
    $this->actingAs($stranger)->get('/salon/people')->assertDontSee('ilse@test.example');
});

it('takes leave of somebody without losing what they did, and takes them back', function (): void {
    openSalon($this);
    $colleague = colleague($this);
    expect(WorkingHours::query()->where('user_id', $colleague->id)->exists())->toBeTrue();
    $session = signedInOn($colleague, 'Mozilla/5.0 (Linux; Android 14) Tablet');
    asOwner($this);
    $this->get('/salon/hours')->assertSee('Quim');
    $calendar = CalendarFeed::anew($this->salon->id, ['user_id' => $colleague->id])->path();
    $this->get($calendar)->assertOk();
    $this->put("/salon/people/{$colleague->id}/left")->assertSessionHasNoErrors();
    // Nor does their own calendar tell of clients any more.
    $this->get($calendar)->assertNotFound();
    expect($colleague->fresh()->left_at)->not->toBeNull()
        ->and(WorkingHours::query()->where('user_id', $colleague->id)->exists())->toBeFalse()
        ->and(DB::table('sessions')->where('id', $session)->exists())->toBeFalse();
    $this->get('/salon/people')->assertSee('left 9 Jan 2027')->assertSee('Works here again');
    // A session that outlived the leave is over at its next page.
    $this->actingAs($colleague->fresh())->get('/today')->assertRedirect('/sign-in');
    $this->assertGuest();
    $this->actingAs($this->stylist->fresh())->get('/salon/hours')->assertDontSee('Quim');
    $this->get('/bookings/new')->assertDontSee('Quim');
    Auth::logout();
    $typed = ['email' => 'quim@test.example', 'password' => 'a-long-password'];
    $this->post('/sign-in', $typed)->assertSessionHasErrors('email');
    $this->actingAs($this->stylist->fresh())->delete("/salon/people/{$colleague->id}/left")->assertRedirect();
    Auth::logout();
    $this->post('/sign-in', $typed)->assertRedirect('/today');
});

it('lets nobody leave who is still booked, and says so', function (): void {
    openSalon($this);
    $colleague = colleague($this);
    asOwner($this);
    $head = $this->aHead();
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    Booking::query()->where('head_id', $head->id)->sole()->forceFill(['user_id' => $colleague->id])->save();
    $this->put("/salon/people/{$colleague->id}/left")->assertSessionHasErrors('leave');
    expect($colleague->fresh()->left_at)->toBeNull();
    $this->get('/salon/people')->assertSee('Quim has one booking to come');
});

it('changes a password for whoever knows the one before, and signs out everywhere else', function (): void {
    $owner = asOwner($this);
    $other = signedInOn($owner, 'Mozilla/5.0 (iPhone) Mobile');
    $this->put('/account/password', ['current' => 'wrong', 'password' => 'lamp ferry moss'])
        ->assertSessionHasErrors('current');
    $this->put('/account/password', ['current' => 'a-long-password', 'password' => 'moss'])
        ->assertSessionHasErrors('password');
    expect(Hash::check('a-long-password', $owner->fresh()->password))->toBeTrue()
        ->and(DB::table('sessions')->where('id', $other)->exists())->toBeTrue();
    $this->get('/salon/people')->assertSee('Phone')->assertSee('192.0.2.7');
    $this->put('/account/password', ['current' => 'a-long-password', 'password' => 'lamp ferry moss'])
        ->assertSessionHasNoErrors();
    expect(Hash::check('lamp ferry moss', $owner->fresh()->password))->toBeTrue()
        ->and(DB::table('sessions')->where('id', $other)->exists())->toBeFalse();
    $mine = signedInOn($owner, 'Mozilla/5.0 (X11) Desk');
    $theirs = signedInOn(colleague($this), 'Mozilla/5.0 (X11) Theirs');
    $this->delete('/account/elsewhere')->assertSessionHas('said', 'You are signed out on one other device.');
    expect(DB::table('sessions')->whereIn('id', [$mine, $theirs])->pluck('id')->all())->toBe([$theirs]);
});

it('gives whoever forgot the password a link to choose another, once and for a day', function (): void {
    asOwner($this);
    $colleague = colleague($this);
    $session = signedInOn($colleague, 'Mozilla/5.0 (X11) Lost');
    $html = (string) $this->get("/salon/people?password-of={$colleague->id}")->assertOk()->getContent();
    preg_match('#id="password-link" [^>]*value="([^"]+)"#', $html, $found);
    $link = html_entity_decode($found[1]);
    Auth::logout();
    $this->get($link)->assertOk()->assertSee('Choose a password')->assertSee('quim@test.example');
    $this->post($link, ['password' => 'moss'])->assertSessionHasErrors('password');
    $this->post($link, ['password' => 'lamp ferry moss'])->assertRedirect('/today');
    $this->assertAuthenticatedAs($colleague->fresh());
    expect(Hash::check('lamp ferry moss', $colleague->fresh()->password))->toBeTrue()
        ->and(DB::table('sessions')->where('id', $session)->exists())->toBeFalse();
    Auth::logout();
    // Used, changed or old, it is worth nothing.
    $this->get($link)->assertRedirect('/sign-in');
    $this->post($link, ['password' => 'another long one'])->assertRedirect('/sign-in');
    $this->artisan('nagomi:password', ['email' => 'nobody@test.example'])->assertFailed();
    Artisan::call('nagomi:password', ['email' => 'ilse@test.example']);
    $mine = trim(Artisan::output());
    $theirs = preg_replace('#/passwords/\d+#', "/passwords/{$colleague->id}", $mine);
    $this->post($theirs, ['password' => 'another long one'])->assertRedirect('/sign-in');
    $this->travel(25)->hours();
    $this->post($mine, ['password' => 'another long one'])->assertRedirect('/sign-in');
    expect(Hash::check('lamp ferry moss', $colleague->fresh()->password))->toBeTrue()
        ->and(Hash::check('a-long-password', $this->stylist->fresh()->password))->toBeTrue();
});

it('gives a stylist, or another salon, no such link', function (): void {
    $this->stylist->update(['role' => Role::Stylist]);
    $this->actingAs($this->stylist->fresh());
    $colleague = colleague($this);
    $this->get("/salon/people?password-of={$colleague->id}")->assertOk()->assertDontSee('password-link');
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    asOwner($this);
    $this->get("/salon/people?password-of={$stranger->id}")->assertOk()->assertDontSee('password-link');
    $this->get("/salon/people?password-of={$this->stylist->id}")->assertOk()->assertDontSee('password-link');
});
