<?php

declare(strict_types=1);

/* What was chosen last on a page is found again, the same day; what stands in the address goes first. */

use App\Models\Head;
use Carbon\CarbonImmutable;

require_once __DIR__ . '/OpenSalon.php';

beforeEach(function (): void {
    openSalon($this);
});

it('keeps the days of a report, on paper too, until the day is over', function (): void {
    $asked = '?from=2026-10-01&until=2026-12-31';
    $this->get("/reports{$asked}")->assertOk()->assertSee('value="2026-10-01"', false);
    $this->get('/reports')->assertSee('value="2026-10-01"', false)->assertSee('value="2026-12-31"', false);
    expect($this->get('/reports.csv')->assertOk()->getContent())->toBe($this->get("/reports.csv{$asked}")->getContent());
    $this->get('/reports?from=2026-11-01&until=2026-11-30')->assertSee('value="2026-11-01"', false);
    $this->get('/reports')->assertSee('value="2026-11-01"', false);
    CarbonImmutable::setTestNow(CarbonImmutable::now()->addDay());
    $this->get('/reports')->assertDontSee('value="2026-11-01"', false);
});

it('keeps the group of tests looked at, from client to client', function (): void {
    [$one, $other] = [$this->aHead(), $this->aHead('protein-sensitive')];
    $current = function (Head $head, string $asked = ''): string {
        $page = (string) $this->get("/clients/{$head->id}/trends{$asked}")->assertOk()->getContent();

        return preg_match('/group=([a-z-]+)"\s+aria-current="true"/', $page, $found) === 1 ? $found[1] : '';
    };
    $first = $current($one);
    $chosen = $current($one, '?group=scalp');
    expect($chosen)->not->toBe($first)
        ->and($current($one))->toBe($chosen)
        ->and($current($other))->toBe($chosen);
});

it('keeps whose plans are looked at, and lets go of it when asked', function (): void {
    $head = $this->aHead();
    $head->update(['household' => 'Quay 7']);
    $this->get('/plans?household=Quay+7')->assertOk()->assertSee($head->name);
    $this->get('/plans')->assertSee($head->name);
    $this->get('/plans?household=')->assertDontSee($head->name);
    $this->get('/plans')->assertDontSee($head->name);
    $this->get('/plans?household[]=x')->assertNotFound();
});
