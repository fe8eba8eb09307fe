<?php

declare(strict_types=1);

/* What every answer tells a browser to leave alone: other ways in, the device, search engines, its own memory. */

use App\Models\HomeLink;
use Illuminate\Support\Facades\URL;

it('says on every kind of page what a browser may not do with it', function (): void {
    $head = $this->aHead();
    $link = (new HomeLink())->forceFill([
        'salon_id' => $this->salon->id, 'head_id' => $head->id, 'by' => 'Ilse', 'expires_at' => now()->addDays(30),
    ]);
    $link->save();
    $card = URL::temporarySignedRoute('card', now()->addDay(), ['link' => $link->id], absolute: false);
    $about = [$card => true, '/sign-in' => false, '/up' => false, '/nowhere' => false, '/api/v1/openapi.json' => false];
    foreach ($about as $path => $isAbout) {
        $answer = $this->get($path);
        expect($answer->headers->get('Permissions-Policy'))->toContain('camera=()')->toContain('geolocation=()')
            ->toContain('screen-wake-lock=(self)')
            ->and($answer->headers->get('X-Robots-Tag'))->toBe('noindex, nofollow')
            ->and($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff')
            ->and($answer->headers->get('X-Frame-Options'))->toBe('DENY')
            ->and($answer->headers->get('Content-Security-Policy'))->toContain("default-src 'none'")
            ->and($answer->headers->has('Strict-Transport-Security'))->toBeFalse()
            ->and(str_contains((string) $answer->headers->get('Cache-Control'), 'no-store'))->toBe($isAbout, $path);
    }
    // Over HTTPS, and then for a year; whoever has to go back says nought.
    expect($this->get("https://localhost{$card}")->headers->get('Strict-Transport-Security'))
        ->toBe('max-age=31536000');
    config(['session.https_only_seconds' => 0]);
    expect($this->get("https://localhost{$card}")->headers->has('Strict-Transport-Security'))->toBeFalse();
});

it('leaves what is about somebody in no browser', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    foreach (["/clients/{$head->id}", '/today', '/clients', "/clients/{$head->id}/plan", '/salon'] as $path) {
        expect($this->get($path)->assertOk()->headers->get('Cache-Control'))->toContain('no-store');
    }
    foreach (['/invitations/1', '/passwords/1', '/calendars/' . str_repeat('a', 48) . '.ics'] as $path) {
        $this->post('/sign-out');
        expect($this->get($path)->headers->get('Cache-Control'))->toContain('no-store');
    }
});
