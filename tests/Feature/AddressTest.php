<?php

declare(strict_types=1);

use App\Http\Assets\AssetFile;
use App\Models\HomeLink;

it('leads every address of before to the page that answers it now', function (string $old, string $now): void {
    $this->actingAs($this->stylist)->get($old)->assertStatus(301)->assertRedirect($now);
})->with([
    ['/heads', '/clients'], ['/heads?search=so', '/clients?search=so'], ['/heads/new', '/clients/new'],
    ['/heads/01abc', '/clients/01abc'], ['/heads/01abc/edit', '/clients/01abc/edit'],
    ['/heads/01abc/season', '/clients/01abc/plan'],
    ['/heads/01abc/season.ics', '/clients/01abc/plan.ics'],
    ['/heads/01abc/what-if?change=no-mask', '/clients/01abc/plan/what-if?change=no-mask'],
    ['/heads/01abc/terms', '/clients/01abc/plan/terms'],
    ['/heads/01abc/cause', '/clients/01abc/history/cause'],
    ['/heads/01abc/ledger', '/clients/01abc/history/ledger'],
    ['/heads/01abc/visits/7', '/clients/01abc/history/7'],
    ['/heads/01abc/bench', '/clients/01abc/hair-tests'],
    ['/heads/01abc/bench/zones?test=scalp', '/clients/01abc/hair-tests/zones?test=scalp'],
    ['/heads/01abc/basin', '/clients/01abc/wash'],
    ['/heads/01abc/basin/9', '/clients/01abc/wash/9'],
    ['/heads/01abc/home', '/clients/01abc/home-routine'],
    ['/heads/01abc/home.pdf', '/clients/01abc/home-routine.pdf'],
    ['/heads/01abc/trials', '/clients/01abc/trends/trials'],
    ['/heads/01abc/wash-day', '/clients/01abc/wash-days'],
    ['/heads/01abc/shelf', '/clients/01abc/products'],
    ['/heads/01abc/record.json', '/clients/01abc/record.json'],
    ['/shelf', '/products'], ['/shelf.csv', '/products.csv'], ['/shelf/01abc/edit', '/products/01abc/edit'],
    ['/house', '/salon'], ['/house/hours', '/salon/hours'], ['/team', '/reports/team'],
    ['/seasons?household=x', '/plans?household=x'],
    ['/outbox', '/salon/messages'],
    ['/in-and-out', '/salon/data'],
    ['/in-and-out/salon.zip', '/salon/data/salon.zip'],
    ['/records/new', '/clients/records/new'],
]);

it('opens for a client what an address of before led to', function (): void {
    $head = $this->aHead();
    foreach (
        [
            '', '/season', '/ledger', '/bench', '/basin', '/home', '/visits', '/terms', '/trials', '/shelf',
            '/wash-day', '/what-if', '/cause', '/trends',
        ] as $page
    ) {
        $this
            ->actingAs($this->stylist)
            ->followingRedirects()
            ->get("/heads/{$head->id}{$page}")
            ->assertOk()
            ->assertSee($head->name);
    }
});

it('tells nobody who is not signed in where an old address leads', function (): void {
    $this->get('/heads/01abc/season')->assertRedirect('/sign-in');
});

it('keeps home links and calendars where they were', function (): void {
    $head = $this->aHead();
    $link = (new HomeLink([
        'head_id' => $head->id,
        'by' => 'Ilse',
        'expires_at' => now()->addDay(),
    ]))->forceFill(['salon_id' => $this->salon->id]);
    $link->save();
    expect($link->path('card'))->toStartWith('/card/');
    $this->get($link->path('card'))->assertOk();
    $this->actingAs($this->stylist)->post('/salon/calendar')->assertRedirect();
    expect(
        App\Models\CalendarFeed::current(['user_id' => $this->stylist->id])?->path() ?? '',
    )->toStartWith('/calendars/');
});

it('serves what ships for a year, under an address that changes with it', function (): void {
    $page = (string) $this->get('/sign-in')->getContent();
    preg_match_all('~(?:href|src)="(/a/([0-9a-f]{12})/[^"]+)"~', $page, $found);
    expect(count($found[1]))
        ->toBeGreaterThan(3)
        ->and(array_unique($found[2]))
        ->toBe([AssetFile::version(public_path())]);
    foreach ($found[1] as $address) {
        $plain = $this->get($address)->assertOk()->assertHeader('Cache-Control', 'immutable, max-age=31536000, public');
        expect(strlen((string) $plain->getContent()))->toBeGreaterThan(100);
    }
    [$style] = array_values((array) preg_grep('/app\.css$/', $found[1]));
    $packed = $this
        ->get($style, ['Accept-Encoding' => 'br, gzip'])
        ->assertHeader('Content-Encoding', 'gzip')
        ->assertHeader('Vary');
    expect(gzdecode((string) $packed->getContent()))->toBe($this->get(
        $style,
        ['Accept-Encoding' => 'identity'],
    )->getContent());
});

it('serves nothing else under such an address', function (string $address): void {
    $this->get($address)->assertNotFound();
})->with([
    '/a/0123456789ab/js/../index.php', '/a/0123456789ab/index.php', '/a/0123456789ab/js/screens/none.js',
    '/a/short/css/app.css', '/a/0123456789ab/assets/literata.LICENSE', '/a/0123456789ab/js/screens/..%2F..%2F..%2F.env',
]);

it('changes the address of what ships with any file', function (): void {
    $folder = sys_get_temp_dir() . '/nagomi-assets-' . bin2hex(random_bytes(4));
    foreach (['assets', 'css', 'js'] as $of) {
        mkdir("{$folder}/{$of}", recursive: true);
    }
    file_put_contents("{$folder}/css/app.css", 'a{}');
    $first = AssetFile::version($folder);
    file_put_contents("{$folder}/js/one.js", 'let a;');
    $second = AssetFile::version($folder);
    file_put_contents("{$folder}/css/app.css", 'a{b:c}');
    clearstatcache();
    expect([$first, $second, AssetFile::version($folder)])
        ->toHaveCount(3)
        ->and(array_unique([$first, $second, AssetFile::version($folder)]))
        ->toHaveCount(3);
    exec('rm -r ' . escapeshellarg($folder));
});

it('packs pages and answers for whoever can unpack them', function (): void {
    $head = $this->aHead();
    $plain = (string) $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}", ['Accept-Encoding' => 'identity'])
        ->assertHeaderMissing('Content-Encoding')
        ->getContent();
    $packed = $this
        ->get("/clients/{$head->id}", ['Accept-Encoding' => 'gzip, deflate, br'])
        ->assertOk()
        ->assertHeader('Content-Encoding', 'gzip');
    expect(strlen((string) $packed->getContent()))
        ->toBeLessThan(strlen($plain) / 3)
        ->and((string) gzdecode((string) $packed->getContent()))
        ->toContain($head->name);
    $this->get(
        "/clients/{$head->id}/record.json",
        ['Accept-Encoding' => 'gzip'],
    )->assertHeader('Content-Encoding', 'gzip');
});
