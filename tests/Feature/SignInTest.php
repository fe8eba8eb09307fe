<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

it('signs in with the right password and out again', function (): void {
    $this->get('/clients')->assertRedirect('/sign-in');
    $this->post(
        '/sign-in',
        ['email' => 'ilse@test.example', 'password' => 'a-long-password'],
    )->assertRedirect('/clients');
    $this->assertAuthenticatedAs($this->stylist);
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('says the same of a wrong password and an unknown address, and throttles', function (): void {
    foreach (['ilse@test.example', 'nobody@test.example'] as $email) {
        $this->post('/sign-in', ['email' => $email, 'password' => 'wrong'])->assertSessionHasErrors([
            'email' =>
                'Address and password do not match. Try again, or ask whoever runs the salon’s Nagomi.',
        ]);
    }
    for ($i = 0; $i < 5; $i++) {
        $this->post('/sign-in', ['email' => 'ilse@test.example', 'password' => 'wrong']);
    }
    $this->post('/sign-in', ['email' => 'ilse@test.example', 'password' => 'a-long-password']);
    $this->assertGuest();
    expect(session('errors')->first('email'))->toContain('Too many tries');
});

it('hashes passwords', function (): void {
    $stored = DB::table('users')->where('id', $this->stylist->id)->value('password');
    expect($stored)->not->toContain('a-long-password')->and(Hash::check('a-long-password', $stored))->toBeTrue();
});

it('sends a strict content security policy and nothing inline', function (): void {
    $response = $this->actingAs($this->stylist)->get('/clients/' . $this->aHead()->id);
    expect($response->headers->get('Content-Security-Policy'))
        ->toContain("default-src 'none'")
        ->toContain("script-src 'self'")->not
        ->toContain('unsafe');
    expect($response->getContent())->not
        ->toMatch('/<script(?![^>]*\bsrc=)[^>]*>/')->not
        ->toMatch('/\sstyle=/')->not
        ->toMatch('/\son[a-z]+=/');
    expect($response->headers->get('Cache-Control'))->toContain('no-store');
});

it('refuses a form without its token', function (): void {
    // The framework lets forms through in tests; here it must not.
    $this->app['env'] = 'production';
    $this->app->detectEnvironment(fn (): string => 'production');
    $this->post('/sign-out')->assertStatus(419);
    // Whoever left the sign-in page open too long is asked once more, and types no address again.
    $this->post('/sign-in', ['email' => 'ilse@test.example', 'password' => 'a-long-password'])
        ->assertRedirect('/sign-in')
        ->assertSessionHasErrors(['password' => __('errors.sign-in-old')])
        ->assertSessionHasInput('email', 'ilse@test.example');
    $this->assertGuest();
    expect(session()->getOldInput('password'))->toBeNull();
});

it('signs in on the morning after, also where what the night has ended is swept away just then', function (): void {
    config(['session.driver' => 'database', 'session.lottery' => [1, 1]]);
    $named = fn ($answer): string => $answer->getCookie(config('session.cookie'))->getValue();
    $evening = $named($this->get('/sign-in'));
    expect(DB::table('sessions')->pluck('id')->all())->toBe([$evening]);
    $this->travel(22)->hours();
    // A request of its own knows nothing of the one before.
    app('session')->forgetDrivers();
    $morning = $named($this->withCookie(config('session.cookie'), $evening)->get('/sign-in'));
    expect(DB::table('sessions')->pluck('id')->all())->toBe([$morning])->and($morning)->not->toBe($evening);
});

it('begins no session for what a page asks by itself where the night has ended one', function (): void {
    $begun = fn ($answer): array => array_map(
        fn ($cookie): string => $cookie->getName(),
        $answer->headers->getCookies(),
    );
    expect($begun($this->getJson('/token')->assertStatus(401)))->not->toContain(config('session.cookie'))
        ->and($begun($this->get('/sign-in')))->toContain(config('session.cookie'));
});
