<?php

declare(strict_types=1);

/* A code beside the password, good once; and one person in two salons, who goes from one to the other. */

use App\Bridge\Accounts\OneTimeCode;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Base32\Base32;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\Feature\FeatureTestCase;

/** What the phone shows now, or some steps from now. */
function phoneShows(User $user, int $steps = 0): string
{
    $step = intdiv(CarbonImmutable::now()->getTimestamp(), 30) + $steps;

    return (new OneTimeCode())->at((string) $user->fresh()->second_secret, $step);
}

/** @return list<string> the codes that were written down */
function withSecondStep(FeatureTestCase $test): array
{
    $test->actingAs($test->stylist)->get('/account/second-step')->assertOk()->assertSee('<svg', false);
    $test->post('/account/second-step', ['code' => phoneShows($test->stylist)])->assertSessionHasNoErrors();
    $codes = session('second-codes');
    $test->get('/account/second-step')->assertSee($codes[0])->assertDontSee('<svg xmlns', false);
    auth()->logout();
    session()->flush();

    return $codes;
}

function signsIn(FeatureTestCase $test, string $password = 'a-long-password'): string
{
    return (string) $test->post('/sign-in', ['email' => 'ilse@test.example', 'password' => $password])
        ->headers->get('Location');
}

it('shows the codes of RFC 6238', function (int $seconds, string $code): void {
    // Appendix B, SHA-1: of its eight digits the last six are those of six; from memory, as is the secret.
    $secret = Base32::encode('12345678901234567890');
    expect((new OneTimeCode())->at($secret, intdiv($seconds, 30)))->toBe(substr($code, 2));
    $this->travelTo(CarbonImmutable::createFromTimestamp($seconds));
    $typed = substr($code, 2, 3) . ' ' . substr($code, 5);
    expect((new OneTimeCode())->step($secret, $typed))->toBe(intdiv($seconds, 30));
})->with([
    [59, '94287082'], [1111111109, '07081804'], [1111111111, '14050471'], [1234567890, '89005924'],
    [2000000000, '69279037'],
]);

it('makes secrets of 160 bits, and an address a phone can read', function (): void {
    $code = new OneTimeCode();
    $secret = $code->secret();
    expect($secret)->toMatch('/^[A-Z2-7]{32}$/')->and($code->secret())->not->toBe($secret)
        ->and($code->address($secret, 'ilse@test.example'))->toStartWith('otpauth://totp/Nagomi%3Ailse%40test.example?')
        ->toContain("secret={$secret}")->toContain('period=30');
});

it('asks for a code after the password, and takes each once', function (): void {
    $codes = withSecondStep($this);
    expect($codes)->toHaveCount(10)->and(DB::table('users')->value('second_secret'))->not
        ->toContain((string) $this->stylist->fresh()->second_secret);
    expect(signsIn($this, 'wrong-password'))->not->toContain('code');
    $this->assertGuest();
    expect(signsIn($this))->toEndWith('/sign-in/code');
    $this->assertGuest();
    $this->get('/today')->assertRedirect('/sign-in');
    $this->get('/sign-in/code')->assertOk();
    // The one it was turned on with was used.
    $this->post('/sign-in/code', ['code' => phoneShows($this->stylist)])->assertSessionHasErrors('code');
    $this->post('/sign-in/code', ['code' => phoneShows($this->stylist, 4)])->assertSessionHasErrors('code');
    $this->post('/sign-in/code', ['code' => phoneShows($this->stylist, 1)])->assertRedirect('/today');
    $this->assertAuthenticatedAs($this->stylist);

    // Without the phone: a written code, in capital letters, once.
    auth()->logout();
    signsIn($this);
    $this->post('/sign-in/code', ['code' => ' ' . strtoupper($codes[3])])->assertRedirect('/today');
    auth()->logout();
    signsIn($this);
    $this->post('/sign-in/code', ['code' => $codes[3]])->assertSessionHasErrors('code');
    expect($this->stylist->fresh()->second_codes)->toHaveCount(9);
});

it('lets nobody guess', function (): void {
    withSecondStep($this);
    signsIn($this);
    foreach (range(1, 5) as $i) {
        $this->post('/sign-in/code', ['code' => sprintf('%06d', $i)])->assertSessionHasErrors('code');
    }
    $this->post('/sign-in/code', ['code' => phoneShows($this->stylist, 1)])->assertSessionHasErrors('code');
    $this->assertGuest();
    $this->travelTo(CarbonImmutable::now()->addMinutes(2));
    $this->post('/sign-in/code', ['code' => phoneShows($this->stylist)])->assertRedirect('/today');
});

it('does not wait for a code all day, and asks for none of nobody', function (): void {
    $this->get('/sign-in/code')->assertRedirect('/sign-in');
    $this->post('/sign-in/code', ['code' => '123456'])->assertRedirect('/sign-in');
    withSecondStep($this);
    signsIn($this);
    $this->travelTo(CarbonImmutable::now()->addMinutes(11));
    $this->post('/sign-in/code', ['code' => phoneShows($this->stylist)])->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('takes no code once the second step was turned off meanwhile', function (): void {
    withSecondStep($this);
    signsIn($this);
    app(App\Care\Accounts\SecondStep::class)->off($this->stylist->fresh());
    $empty = (new OneTimeCode())->at('', intdiv(CarbonImmutable::now()->getTimestamp(), 30));
    $this->post('/sign-in/code', ['code' => $empty])->assertSessionHasErrors('code');
    expect(signsIn($this))->toEndWith('/today');
});

it('is turned on only by the code of the phone, and off by whoever types the password', function (): void {
    $this->actingAs($this->stylist)->get('/account/second-step');
    $this->post('/account/second-step', ['code' => '000000'])->assertSessionHasErrors('code');
    expect($this->stylist->fresh()->hasSecondStep())->toBeFalse();
    $codes = withSecondStep($this);
    $this->actingAs($this->stylist->fresh());
    $this->post('/account/second-step/codes')->assertRedirect('/account/second-step');
    expect(session('second-codes'))->not->toBe($codes)->toHaveCount(10);
    $this->typedPassword = false;
    session()->forget('auth.password_confirmed_at');
    $this->delete('/account/second-step')->assertRedirect('/account/confirm');
    $this->typedPassword = true;
    $this->delete('/account/second-step')->assertRedirect('/salon/people');
    expect($this->stylist->fresh()->only(['second_secret', 'second_since', 'second_codes']))->each->toBeNull();
    auth()->logout();
    expect(signsIn($this))->toEndWith('/today');
});

it('is asked for after a new password as well, and turned off for whoever lost the phone', function (): void {
    $owner = $this->stylist;
    $quim = User::query()->create([
        'salon_id' => $this->salon->id, 'name' => 'Quim', 'email' => 'quim@test.example',
        'password' => 'a-long-password',
    ])->refresh();
    $this->stylist = $quim;
    withSecondStep($this);
    $link = App\Bridge\Accounts\PasswordLink::of($quim->fresh());
    $this->post($link, ['password' => 'wet rope, dry towel'])->assertRedirect('/sign-in/code');
    $this->assertGuest();
    $this->actingAs($owner)->delete("/salon/people/{$quim->id}/second-step")->assertRedirect('/salon/people');
    expect($quim->fresh()->hasSecondStep())->toBeFalse();
    $this->delete("/salon/people/{$owner->id}/second-step")->assertForbidden();
    // The owner's own is turned off at the terminal.
    auth()->logout();
    $this->stylist = $owner;
    withSecondStep($this);
    Artisan::call('nagomi:password', ['email' => 'ilse@test.example', '--without-second-step' => true]);
    expect($owner->fresh()->hasSecondStep())->toBeFalse();
});

it('lets one person work in two salons, and go from one to the other', function (): void {
    [$salon, $maren] = $this->salonWithStylist('maren@test.example');
    $salon->update(['name' => 'Quay Room']);
    $mine = $this->aHead();
    $theirs = $this->aHead('protein-sensitive', $salon);
    $ask = fn () => $this->actingAs($maren->fresh())->post('/salon/invitations', [
        'invite_name' => 'Ilse', 'invite_email' => 'Ilse@Test.example', 'invite_role' => 'apprentice',
    ]);
    $ask()->assertSessionHasNoErrors();
    $link = Invitation::query()->where('email', 'ilse@test.example')->sole()->link();

    // Whoever only has the link gets nothing; signed in as somebody else neither.
    auth()->logout();
    $this->get($link)->assertOk()->assertSee('Sign in with it')->assertDontSee('name="password"', false);
    $this->post($link, ['name' => 'Ilse', 'password' => 'wet rope, dry towel'])->assertRedirect('/sign-in');
    $this->actingAs($maren->fresh())->get($link)->assertOk()->assertSee('Sign out, then open the link again');
    $this->post($link)->assertRedirect('/sign-in');
    expect(User::query()->where('account_id', $this->stylist->id)->count())->toBe(0);

    auth()->logout();
    session()->flush();
    $this->get($link);
    $this->post('/sign-in', ['email' => 'ilse@test.example', 'password' => 'a-long-password'])->assertRedirect($link);
    $this->post($link)->assertRedirect('/today');
    $seat = User::query()->where('account_id', $this->stylist->id)->sole();
    expect([$seat->salon_id, $seat->role, $seat->email])->toBe([$salon->id, Role::Apprentice, null]);
    $this->assertAuthenticatedAs($seat);
    $this->get("/clients/{$theirs->id}")->assertOk();
    $this->get("/clients/{$mine->id}")->assertNotFound();
    $this->get('/today')->assertSee('Go to Test salon');
    $this->put('/account/salon', ['seat' => $this->stylist->id])->assertRedirect('/today');
    $this->assertAuthenticatedAs($this->stylist);
    $this->get("/clients/{$mine->id}")->assertOk();
    $this->get("/clients/{$theirs->id}")->assertNotFound();
    $this->put('/account/salon', ['seat' => $maren->id])->assertNotFound();
    // Going from one to the other is not typing the password.
    $this->typedPassword = false;
    session()->forget('auth.password_confirmed_at');
    $this->put('/account/salon', ['seat' => $this->stylist->id]);
    $this->get('/salon/data')->assertRedirect('/account/confirm');
    $this->typedPassword = true;

    // They sign in where they worked last; asked once more they are there already.
    $this->put('/account/salon', ['seat' => $seat->id]);
    auth()->logout();
    signsIn($this);
    $this->assertAuthenticatedAs($seat);
    $ask()->assertSessionHasErrors('invite_email');

    // One password, whichever salon it is changed in; and no owner has a word about it.
    $this->actingAs($seat->fresh())->put('/account/password', [
        'current' => 'a-long-password', 'password' => 'wet rope, dry towel',
    ])->assertSessionHasNoErrors();
    expect(Hash::check('wet rope, dry towel', (string) $this->stylist->fresh()->password))->toBeTrue()
        ->and($seat->fresh()->password)->toBeNull();
    $this->actingAs($maren->fresh())->get("/salon/people?password-of={$seat->id}")->assertOk()
        ->assertDontSee('password-link')->assertSee('Works in another salon too');
    $this->delete("/salon/people/{$seat->id}/second-step")->assertForbidden();

    // Gone from the one, they work on in the other.
    $this->put("/salon/people/{$seat->id}/left")->assertSessionHasNoErrors();
    auth()->logout();
    signsIn($this, 'wet rope, dry towel');
    $this->assertAuthenticatedAs($this->stylist);
    $this->get('/today')->assertDontSee('Go to Quay Room');
});
