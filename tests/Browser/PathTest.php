<?php

declare(strict_types=1);


/*
 * The path of a stylist in a real browser: she signs in, takes a new client, reads the hair, looks at the balance,
 * the season and the ledger, and takes both away. Runs on the demo that bin/test built.
 */

use Tests\Browser\Support\Browser;

beforeEach(function (): void {
    $this->browser = Browser::open();
});

afterEach(function (): void {
    $this->browser->close();
});

it('walks from a new client to twelve weeks in the calendar', function (): void {
    $browser = $this->browser->signIn();
    expect($browser->path())->toBe('/clients')
        ->and(count($browser->all('.head-row')))->toBeGreaterThanOrEqual(12);

    $browser->press('New client')
        ->type('name', 'Vesla Ortiz-Kane')->type('ring_mm', '12.5')->type('length_cm', '32')
        ->choose('zones[crown][length]', 'low')->choose('notebook[0][what]', 'mask')
        ->type('notebook[0][date]', date('Y-m-d', strtotime('-9 days')))
        ->tap('#f-consent')->press('Save client');
    expect(array_map(fn ($wrong): string => $wrong->getText(), $browser->all('.wrong')))->toBe([]);
    expect($browser->text('h1'))->toBe('Vesla Ortiz-Kane')
        ->and($browser->text())->toContain('Nothing is tested yet')
        ->and($browser->all('#weeks ~ .items li'))->toHaveCount(2);
    // Nobody has read this hair: no state of it is claimed.
    expect($browser->text('.verdict-words'))->toContain('Not tested yet')->and($browser->all('.cells p'))->toBe([]);

    // Six tests are proposed; what else is read is one tap away.
    $browser->press('Do the first tests')->tap('.more-tests > summary');
    foreach (['dull' => 1, 'beads' => 0, 'film' => 0, 'sticky' => 1, 'no_lather' => 0] as $sign => $points) {
        $browser->tap("input[name=\"raw[build-up-signs][{$sign}]\"][value=\"{$points}\"]");
    }
    $browser->tap('input[name="raw[dryness][points]"][value="7"]')->tap('input[name="raw[feel][points]"][value="-3"]');
    foreach ([[100, 128, 101], [120, 151, 121], [90, 116, 91]] as $i => [$rest, $stretched, $returned]) {
        $browser->type("raw[wet-stretch][hairs][{$i}][rest_mm]", (string) $rest)
            ->type("raw[wet-stretch][hairs][{$i}][stretched_mm]", (string) $stretched)
            ->type("raw[wet-stretch][hairs][{$i}][returned_mm]", (string) $returned);
    }
    $browser
        ->type('raw[broken-hairs][shed]', '430')
        ->type('raw[broken-hairs][broken]', '22')
        ->type('raw[broken-hairs][days_since_detangled]', '7')
        ->press('Save results');
    expect($browser->text('main'))->toContain('Results')->toContain('dryness')->toContain('wet stretch');

    $browser->press('To this client now');
    expect($browser->text('.cells p'))->toContain('dry')
        ->and($browser->text('.verdict-words'))->toContain('ry')->toContain('mask')
        ->and($browser->all('.signs li'))->toHaveCount(6);

    $browser->press('The whole plan');
    expect(count($browser->all('.season > li')))->toBeGreaterThanOrEqual(11)
        ->and($browser->text('.season'))->toMatch('/Skip .* about [0-9]+ [A-Z][a-z]+ \((by|not|[0-9])/');
    $calendar = $browser->driver->executeAsyncScript('const done = arguments[0]; fetch(document.querySelector("a[href$=\'plan.ics\']").href).then((answer) '
        . '=> answer.text()).then(done)');
    expect(count(Sabre\VObject\Reader::read($calendar)->VEVENT))->toBe(count($browser->all('.season > li')));

    $browser->key('l')->tap('.ledger-all summary');
    expect($browser->text('h1'))
        ->toBe('How we got here')
        ->and($browser->text('.book'))
        ->toContain('Adjusted after dryness')
        ->toContain('Balance today');
    expect($browser->complaints())->toBe([]);
});

it('sets a day by hand, sees it stand in the season with its reason, and takes it back', function (): void {
    $browser = $this->browser->signIn()->press('Tamar')->key('s')->key('m');
    expect($browser->text('h1'))->toBe('Limits');
    $day = date('Y-m-d', strtotime('+12 days'));
    $browser
        ->type('hand_date', $day)
        ->choose('cleanse', 'gentle')
        ->choose('protein', 'mild-protein')
        ->type('mask_minutes', '25')
        ->press('Set this day');
    expect($browser->text('.wrong'))
        ->toContain('say why this day is set by hand')
        ->and($browser->find('[name="mask_minutes"]')->getAttribute('value'))
        ->toBe('25');
    $browser->type('reason', 'Her swim meet is the day after')->press('Set this day');
    expect($browser->text('.said'))
        ->toContain('That day stays as it is')
        ->and($browser->text('.set-day'))
        ->toContain('Her swim meet is the day after');
    $browser->key('s');
    expect($browser->text('.season'))->toContain('by hand')->toContain('Her swim meet is the day after');
    $browser->key('m')->press('Take back');
    expect($browser->text('.said'))->toContain('Removed');
    expect($browser->complaints())->toBe([]);
});

it('shows two futures, ranks causes and follows trends by keyboard', function (): void {
    $browser = $this->browser->signIn()->press('Dilys')->key('s')->key('f');
    // Only the menus that go on after the first one are there.
    expect($browser->find('[name="number"]')->isDisplayed())->toBeFalse()
        ->and($browser->find('[name="wish_from"]')->isDisplayed())->toBeTrue();
    $browser->choose('asked', 'wash-every')->type('number', '14')->press('Show me');
    $browser->driver->executeScript('document.querySelectorAll(".what-if-says details").forEach((one) => { one.open = true; })');
    expect($browser->text('.compare'))
        ->toContain('days out of balance expected')
        ->and($browser->all('.balance'))->toHaveCount(1)
        ->and(count($browser->all('.balance .is-beside')))->toBeGreaterThan(3);
    $browser->tap('[data-step="1"]');
    expect($browser->text('[data-readout]'))->toContain('With the change: ')->toContain('As planned: ');
    $browser->choose('asked', 'hardness')->type('number', 'hard')->press('Show me');
    expect($browser->text('#wrong'))->toContain('mg/L')->and($browser->value('number'))->toBe('hard');
    $browser->choose('asked', 'leave-out')->choose('wish_what', 'mask')->press('Show me');
    expect($browser->text('.what-if-says'))->toContain('No masks from')->toContain('twelve weeks');
    $browser->press('Use this');
    expect($browser->text('main'))->toContain('Now in the plan: No masks from')->toContain('Your changes');
    $browser->press('Remove');
    expect($browser->text('main'))->toContain('Removed')->not->toContain('Your changes');
    $browser->key('d')->press('Elasticity');
    expect($browser->text('.trend'))
        ->toContain('wet stretch')
        ->toMatch('/usual|changed/')
        ->and(count($browser->all('.trend-dot')))
        ->toBeGreaterThan(10);
    $browser->press('Why has it changed?')->press('breakage');
    expect($browser->text('main'))->toContain('Questions to ask')->toContain('What is the hair slept on');
    expect($browser->complaints())->toBe([]);
});

it('raises a sign that bars treatments and clears it by name', function (): void {
    $browser = $this->browser->signIn()->press('Sefa')->key('b');
    $browser->driver->executeScript(
        'document.querySelectorAll(".more-tests").forEach((more) => { more.open = true; })',
    );
    $browser->choose('sign', 'red')->press('Save this sign');
    expect($browser->text('.wrong'))->toContain('say what you saw');
    $browser->choose('sign', 'red')->type('seen', 'A patch without hair at the crown, sudden')->press('Save this sign');
    expect($browser->text('.said'))
        ->toContain('until a named person has cleared it')
        ->and($browser->text('.cautions-list'))
        ->toContain('refer to a clinician');
    $browser->key('s');
    expect($browser->text('.season'))->not
        ->toContain('protein')->not
        ->toContain('Clarifying')->not
        ->toContain('Chelating');
    $browser
        ->key('r')
        ->type('cleared_by', 'Dr Amparo Winterhalter')
        ->type('cleared_on', date('Y-m-d', strtotime('-1 day')))
        ->press('Clear it');
    expect($browser->text('.said'))
        ->toContain('Cleared')
        ->and($browser->text('main'))
        ->toContain('cleared by Dr Amparo Winterhalter');
});

it('keeps a picture, slides two over one another by keyboard and deletes one', function (): void {
    $browser = $this->browser->signIn()->press('Ono')->more('Pictures');
    foreach (['before' => 120, 'after' => 60] as $kind => $shade) {
        $image = imagecreatetruecolor(320, 240);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, $shade, $shade, 40));
        $file = sys_get_temp_dir() . "/nagomi-{$kind}.jpg";
        imagejpeg($image, $file);
        $browser->find('#f-picture')->sendKeys($file);
        $browser->choose('kind', $kind)->tap('#f-consent')->press('Save this picture');
        $browser->until('.said', 'Kept');
        unlink($file);
    }
    $clip = fn (): string => $browser->driver->executeScript(
        'return document.querySelector(".compare-over").style.clipPath',
    );
    $before = $clip();
    $browser->find('[data-slide]')->click();
    $browser->keys('ARROW_RIGHT', 'ARROW_RIGHT', 'ARROW_RIGHT');
    expect($clip())->not->toBe($before);
    $browser->tap('.pictures summary')->press('Delete this picture');
    expect($browser->text('.said'))->toContain('Deleted')->and($browser->all('.pictures li'))->toHaveCount(1);
    expect($browser->complaints())->toBe([]);
});

it('takes the salon’s weather in, or says line by line what is wrong with it', function (): void {
    $browser = $this->browser->signIn()->key('o');
    $file = sys_get_temp_dir() . '/nagomi-weather.csv';
    file_put_contents($file, "time,temperature_c,relative_humidity_percent\n2026-01-01T00:00,5,wet\n");
    $browser->find('#f-weather')->sendKeys($file);
    $browser->press('Save');
    expect($browser->text('.wrong'))->toContain('Line 2: give the humidity as 0 to 100 %.');
    unlink($file);
    $browser->choose('climate', 'upland')->press('Save');
    expect($browser->text('.said'))->toContain('Saved');
    $browser->press('Team');
    expect($browser->text('h1'))->toBe('Team');
});

it('keeps a half-typed visit on the tablet, and throws it away once it is taken in', function (): void {
    $browser = $this->browser->signIn()->press('Padma')->key('b');
    $browser->tap('input[name="raw[dryness][points]"][value="4"]')->tap('input[name="raw[feel][points]"][value="-2"]');
    $path = $browser->path();
    // The browser is closed and opened again, as far as the page can tell.
    $browser->visit('/clients')->visit($path);
    expect($browser->text('[data-draft-notice]'))->toContain('not saved yet');
    expect($browser->driver->executeScript(
        'return document.querySelector(\'input[name="raw[dryness][points]"]:checked\').value',
    ))->toBe('4');
    $browser->press('Save results');
    expect($browser->results())->toContain('dryness');
    // Neither the summary nor a later visit offers the same readings a second time.
    foreach ([$path, "{$path}?moment=before-cleansing"] as $next) {
        $browser->visit($next);
        expect($browser->find('[data-draft-notice]')->isDisplayed())->toBeFalse();
        expect($browser->driver->executeScript(
            'return document.querySelector(\'input[name="raw[dryness][points]"]:checked\')',
        ))->toBeNull();
    }
    expect($browser->complaints())->toBe([]);
});

it('reads the result after styling at its own moment', function (): void {
    $browser = $this->browser->signIn()->press('Hanneke')->key('b')->press('after styling');
    foreach (
        [
            'definition' => 6, 'frizz' => 3, 'clumping' => 7, 'softness' => 6, 'shine' => 7, 'volume' => 5,
        ] as $sign => $points
    ) {
        $browser->tap("input[name=\"raw[result][{$sign}]\"][value=\"{$points}\"]");
    }
    $browser->press('Save results');
    expect($browser->results())->toContain('definition')->toContain('expected');
    $browser->press('Undo this visit');
    expect($browser->text('.said'))->toContain('Undone');
});

it('takes a record away and in again', function (): void {
    $browser = $this->browser->signIn()->press('Tamar');
    $record = $browser->driver->executeAsyncScript('const done = arguments[0]; fetch(document.querySelector("a[href$=\'record.json\']").href).then((answer) '
        . '=> answer.text()).then(done)');
    $file = tempnam(sys_get_temp_dir(), 'record') . '.json';
    file_put_contents($file, $record);
    $browser->visit('/clients/records/new')->find('#f-record')->sendKeys($file);
    $browser->press('Import it');
    expect($browser->text())->toContain('You have this client already');
    $browser->find('#f-record')->sendKeys($file);
    $browser->tap('#f-copy')->press('Import it');
    expect($browser->text('h1'))->toBe('Tamar Lindqvist-Rao')->and($browser->text('.said'))->toContain('imported');
    unlink($file);
});

it('says what to type beside the field and keeps what was typed', function (): void {
    $browser = $this->browser->signIn()->press('Hanneke');
    $browser->key('b');
    // Which tests stand first goes by what is worth reading that day.
    $browser->driver->executeScript(
        'document.querySelectorAll(".more-tests").forEach((more) => { more.open = true; })',
    );
    $browser->type('raw[wet-stretch][hairs][0][rest_mm]', '100')->type('raw[wet-stretch][hairs][0][stretched_mm]', '90')
        ->type(
            'raw[wet-stretch][hairs][0][returned_mm]',
            'all',
        )->tap('input[name="raw[dryness][points]"][value="4"]')->press('Save results');
    expect($browser->text('.wrong'))->toContain('Nothing was saved yet')
        ->and($browser->find('[name="raw[wet-stretch][hairs][0][stretched_mm]"]')->getAttribute('value'))->toBe('90')
        ->and($browser->find('[name="raw[wet-stretch][hairs][0][returned_mm]"]')->getAttribute('value'))->toBe('all')
        ->and($browser->find('input[name="raw[dryness][points]"][value="4"]')->isSelected())->toBeTrue()
        ->and($browser->text('.hair'))->toContain('type a number');
    $browser->type('raw[wet-stretch][hairs][0][returned_mm]', '95')->press('Save results');
    expect($browser->text('.hair'))->toContain('type 100 mm or more');
});

it('books a wash day and takes it back', function (): void {
    $browser = $this->browser->signIn()->press('Sefa');
    $count = fn (): int => (int) $browser->driver->executeScript(
        'return document.querySelectorAll(".stone:not(.is-planned)").length',
    );
    $before = $count();
    $browser->press('Save a wash that was done')->press('Save the wash');
    expect($browser->text('.said'))->toContain('The wash is saved')->and($count())->toBe($before + 1);
    $browser->press('Undo');
    expect($browser->text('.said'))->toContain('removed')->and($count())->toBe($before);
});

it('works by keyboard: pages, search, the sheet of keys, the hair balance day by day', function (): void {
    $browser = $this->browser->signIn();
    $browser->keys('/');
    expect($browser->driver->switchTo()->activeElement()->getAttribute('name'))->toBe('search');
    $browser->keys('padma', 'ENTER');
    $browser->await(fn (): bool => count($browser->all('.head-row')) === 1);
    $browser->press('Padma');
    foreach (['b' => '/hair-tests', 'w' => '/wash-days', 's' => '/plan', 'l' => '/history/ledger'] as $key => $page) {
        $browser->key($key);
        expect($browser->path())->toEndWith($page);
    }
    $browser->key('r');
    $browser->keys('?');
    expect($browser->find('#keys')->isDisplayed())->toBeTrue();
    $browser->keys('ESCAPE');
    expect($browser->find('#keys')->isDisplayed())->toBeFalse();
    $browser->driver->executeScript('document.querySelector(".balance svg").focus()');
    $today = $browser->text('[data-readout]');
    $browser->keys('ARROW_RIGHT');
    $tomorrow = $browser->text('[data-readout]');
    expect($today)->toContain(date('j M Y'))
        ->and($tomorrow)->not->toBe($today)->toContain('moisture')->toContain('give or take');
});

it('keeps another salon’s heads out of sight and out of reach', function (): void {
    $browser = $this->browser->signIn()->press('Aurel');
    $path = $browser->path();
    $browser->press('Sign out');
    expect($browser->path())->toBe('/sign-in');
    $browser->signIn('maren@tidewater.example');
    expect($browser->all('.head-row'))->toHaveCount(2)->and($browser->text())->not->toContain('Aurel');
    expect($browser->visit($path)->text())->toContain('belongs to another salon');
});

it('does not sign in with a wrong password, and says so', function (): void {
    $browser = $this->browser->signIn(password: 'wrong');
    expect($browser->path())->toBe('/sign-in')->and($browser->text())->toContain('do not match')
        ->and($browser->find('[name="email"]')->getAttribute('value'))->toBe('ilse@saltlight.example');
});
