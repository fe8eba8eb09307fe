<?php

declare(strict_types=1);

use App\Bridge\Tables\CsvTable;
use App\Care\Clients\PictureFiles;
use App\Care\DataTransfer\ClientCards;
use App\Care\DataTransfer\ClientTraces;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Deletion;
use App\Models\Head;
use App\Models\Import;
use App\Models\Picture;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Sabre\VObject\Reader;

require_once __DIR__ . '/Unpacked.php';

it('takes the whole salon away, and brings it back into another as it was', function (): void {
    $one = $this->aHead();
    $two = $this->aHead('protein-sensitive');
    $one->update(['email' => 'vesla@home.example', 'phone' => '+351 900', 'household' => 'Harbour 4']);
    $this->actingAs($this->stylist);
    $in = unpacked($this->get('/salon/data/salon.zip')->assertOk()->getFile()->getPathname());
    expect(array_filter(array_keys($in), fn (string $name): bool => str_starts_with($name, 'records/')))->toHaveCount(2)
        ->and($in)->toHaveKeys([
            'clients.vcf', 'heads.csv', 'readings.csv', 'bookings.csv', 'products.csv', 'care-record.schema.json',
            'README.txt',
        ])
        ->and(substr_count($in['clients.vcf'], 'BEGIN:VCARD'))
            ->toBe(2)
            ->and($in['clients.vcf'])
            ->toContain('vesla@home.example')
        ->and($in['heads.csv'])->toContain('Harbour 4')
        ->and(substr_count($in['readings.csv'], "\r\n"))->toBeGreaterThan($one->readings()->count());
    $csv = array_map(
        fn (string $line): array => str_getcsv($line, escape: ''),
        explode("\r\n", trim($in['readings.csv'])),
    );
    expect(array_unique(array_map(count(...), $csv)))->toBe([11]);

    [$salon, $other] = $this->salonWithStylist('maren@test.example');
    $file = UploadedFile::fake()->createWithContent(
        'salon.zip',
        (string) file_get_contents($this->get('/salon/data/salon.zip')->getFile()->getPathname()),
    );
    $this->actingAs($other)->post('/salon/data/imports', ['file' => $file])->assertSessionHasNoErrors();
    $import = Import::query()->withoutGlobalScopes()->sole();
    // Nothing is written until it is confirmed.
    expect(Head::query()->withoutGlobalScopes()->where('salon_id', $salon->id)->count())->toBe(0);
    $this
        ->get("/salon/data/imports/{$import->id}")
        ->assertOk()
        ->assertSee($one->name)
        ->assertSee('2 of 2 can be imported');
    $this->post("/salon/data/imports/{$import->id}")->assertSessionHas('said', 'Imported: 2 clients.');
    $there = Head::query()->withoutGlobalScopes()->where('salon_id', $salon->id)->where('name', $two->name)->sole();
    expect($there->readings()->withoutGlobalScopes()->count())->toBe($two->readings()->withoutGlobalScopes()->count())
        ->and(json_encode($there->outlook()->withoutGlobalScopes()->first()->cells))->toBe(json_encode(
            $two->refresh()->outlook()->withoutGlobalScopes()->first()->cells,
        ))
        ->and(Import::query()->withoutGlobalScopes()->sole()->found)->toBe([]);
});

it('gives a client all that is hers', function (): void {
    Storage::fake(Picture::DISK);
    $head = $this->aHead();
    $picture = (new Picture())->forceFill([
        'salon_id' => $this->salon->id, 'head_id' => $head->id, 'taken_on' => '2027-01-08', 'kind' => 'before',
        'consent_by' => $head->name, 'consent_on' => '2027-01-08', 'by' => 'Ilse', 'width' => 1, 'height' => 1,
    ]);
    $picture->save();
    app(PictureFiles::class)->keep($picture, 'pixels');
    $in = unpacked($this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/parcel.zip")
        ->assertOk()
        ->getFile()
        ->getPathname());
    expect($in)
        ->toHaveKeys(['care-record.json', 'client.vcf', 'readings.csv', 'bookings.csv'])
        ->and($in["pictures/2027-01-08-{$picture->id}.jpg"])
        ->toBe('pixels');
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get("/clients/{$head->id}/parcel.zip")->assertNotFound();
});

it('says what is wrong with a file and where, and writes nothing of it', function (string $name, string $content, string $sentence): void {
    $this
        ->actingAs($this->stylist)
        ->post('/salon/data/imports', ['file' => UploadedFile::fake()->createWithContent($name, $content)])
        ->assertSessionHasNoErrors();
    $import = Import::query()->sole();
    $this
        ->get("/salon/data/imports/{$import->id}")
        ->assertOk()
        ->assertSee($sentence, false)
        ->assertSee('disabled', false);
    $this->post("/salon/data/imports/{$import->id}")->assertSessionHas('said', 'Nothing was imported.');
    expect(Head::query()->count())->toBe(0);
})->with([
    'not JSON' => ['a.json', 'hello', 'a.json'],
    'another format' => ['a.json', '{"format":"diary"}', 'format: give'],
    'the second of two' => ['a.json', '[{"format":"diary"},{"format":"nagomi"}]', 'a.json, record 2'],
    'a list that is none' => ['a.json', '[{"format":', 'is not one'],
    'a card without a name' => [
        'a.vcf',
        "BEGIN:VCARD\r\nVERSION:4.0\r\nEMAIL:who@home.example\r\nEND:VCARD\r\n",
        'There is no name.',
    ],
    'a wrong address' => [
        'a.vcf',
        "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Vesla\r\nEMAIL:at home\r\nEND:VCARD\r\n",
        'is no mail address',
    ],
    'a damaged zip' => ['a.zip', "PK\x03\x04nothing", 'The archive is damaged'],
]);

it('asks for a file that is one', function (): void {
    $this->actingAs($this->stylist)->post('/salon/data/imports', [])->assertSessionHasErrors('file');
    $this->post(
        '/salon/data/imports',
        ['file' => UploadedFile::fake()->createWithContent('a.json', '')],
    )->assertSessionHasErrors('file');
});

it('takes in what is good, leaves out what is wrong, and doubles nobody unasked', function (): void {
    $head = $this->aHead();
    $cards = "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Vesla Ortiz-Kane\r\nTEL:+351 900\r\nBDAY:1994-02-28\r\nEND:VCARD\r\nBEGIN:VCARD\r\nVERSION:4.0\r\nEMAIL:x\r\nEND:VCARD\r\nBEGIN:VCARD\r\nVERSION:4.0\r\nFN:{$head->name}\r\nEND:VCARD\r\n";
    $this->actingAs($this->stylist);
    $look = function () use ($cards): Import {
        $this->post('/salon/data/imports', ['file' => UploadedFile::fake()->createWithContent('clients.vcf', $cards)]);

        return Import::query()->whereNull('taken_at')->latest('id')->firstOrFail();
    };
    $this->get("/salon/data/imports/{$look()->id}")->assertSee('here already')->assertSee('2 of 3 can be imported');
    $this->post('/salon/data/imports/' . Import::query()->sole()->id)
        ->assertSessionHas('said', 'Imported: one client.');
    $new = Head::query()->where('name', 'Vesla Ortiz-Kane')->sole();
    expect($new->phone)
        ->toBe('+351 900')
        ->and($new->born_on->format('Y-m-d'))
        ->toBe('1994-02-28')
        ->and($new->outlook)->not
        ->toBeNull();
    $this->get("/clients/{$new->id}")->assertOk();
    $import = $look();
    $this->post(
        "/salon/data/imports/{$import->id}",
        ['again' => '1'],
    )->assertSessionHas('said', 'Imported: 2 clients.');
    $import = $look();
    $this->delete("/salon/data/imports/{$import->id}")->assertRedirect('/salon/data');
    expect(Import::query()->whereNull('taken_at')->count())->toBe(0);
});

it('takes nobody twice from cards, nor who has come since they were looked at', function (): void {
    $this->actingAs($this->stylist);
    $card = fn (string $name, string $phone): string => "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:{$name}\r\n"
        . "TEL:{$phone}\r\nEND:VCARD\r\n";
    $cards = $card('Vesla', '912') . $card('Mara', '913') . $card('vesla', '912') . $card('Vesla', '914 555 666');
    foreach ([1, 2] as $time) {
        $this->post('/salon/data/imports', ['file' => UploadedFile::fake()->createWithContent('a.vcf', $cards)]);
    }
    [$one, $other] = Import::query()->orderBy('id')->get()->all();
    $this->get("/salon/data/imports/{$one->id}")->assertSee('The same client as on card 1.');
    $this->post("/salon/data/imports/{$one->id}")->assertSessionHas('said', 'Imported: 3 clients.');
    $this->post("/salon/data/imports/{$other->id}")->assertSessionHas('said', 'Nothing was imported.');
    expect(Head::query()->orderBy('id')->pluck('name')->all())->toBe(['Vesla', 'Mara', 'Vesla']);
});

it('keeps an import to its own salon', function (): void {
    $this->actingAs($this->stylist)->post(
        '/salon/data/imports',
        [
            'file' => UploadedFile::fake()->createWithContent(
                'a.vcf',
                "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Vesla\r\nEND:VCARD\r\n",
            ),
        ],
    );
    $import = Import::query()->sole();
    expect((string) DB::table('imports')->value('found'))->not->toContain('Vesla');
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get("/salon/data/imports/{$import->id}")->assertNotFound();
    $this->post("/salon/data/imports/{$import->id}")->assertNotFound();
    $this->delete("/salon/data/imports/{$import->id}")->assertNotFound();
});

it('writes cards that an address book reads', function (): void {
    $head = $this->aHead();
    $head->update([
        'name' => 'Zoë “Zo” de la Crôix; Jr.',
        'email' => 'zoe@home.example',
        'phone' => '+351 900',
        'born_on' => '1990-03-04',
    ]);
    $card = Reader::read(app(ClientCards::class)->write([$head]));
    expect((string) $card->FN)
        ->toBe('Zoë “Zo” de la Crôix; Jr.')
        ->and((string) $card->EMAIL)
        ->toBe('zoe@home.example')
        ->and((string) $card->BDAY)
        ->toBe('19900304')
        ->and($card->validate())
        ->toBe([]);
    $found = app(ClientCards::class)->read(app(ClientCards::class)->write([$head]));
    expect($found[0])->toBe([
        'name' => 'Zoë “Zo” de la Crôix; Jr.', 'email' => 'zoe@home.example', 'phone' => '+351 900',
        'born_on' => '1990-03-04', 'problems' => [],
    ]);
});

it('writes tables with nothing a spreadsheet would run', function (): void {
    expect(CsvTable::csv(
        ['a', 'b'],
        [['=1+1', '-5'], ["x,\"y\"\n", null], [true, 2.5]],
    ))->toBe("a,b\r\n'=1+1,-5\r\n\"x,\"\"y\"\"\n\",\r\nyes,2.5\r\n");
});

it('deletes a client with all of hers and proves it, without keeping her name', function (): void {
    Storage::fake(Picture::DISK);
    $this->actingAs($this->stylist);
    $other = $this->aHead('protein-sensitive');
    $head = $this->aHead();
    $head->update(['name' => 'Vesla Unmistakable', 'goals' => 'longer']);
    $this->post("/clients/{$head->id}/wash", []);
    $booking = new Booking([
        'head_id' => $head->id,
        'user_id' => $this->stylist->id,
        'service' => 'Dry cut',
        'is_wash_day' => false,
        'date' => '2027-01-11',
        'starts_at' => CarbonImmutable::parse('2027-01-11 10:00'),
        'stretches' => [],
        'minutes' => 45,
        'price_cents' => 0,
        'status' => BookingStatus::Booked,
        'changed_by' => 'Ilse',
    ]);
    $booking->forceFill(['salon_id' => $this->salon->id])->save();
    $this->post("/clients/{$head->id}/home-routine/links", ['days' => '3']);
    $picture = (new Picture())->forceFill([
        'salon_id' => $this->salon->id, 'head_id' => $head->id, 'taken_on' => '2027-01-08', 'kind' => 'before',
        'consent_by' => $head->name, 'consent_on' => '2027-01-08', 'by' => 'Ilse', 'width' => 1, 'height' => 1,
    ]);
    $picture->save();
    app(PictureFiles::class)->keep($picture, 'pixels');
    $before = ClientTraces::of($head)->counts();
    expect($before)->toHaveKeys([
        'heads', 'readings', 'wash_days', 'wash_steps', 'head_snapshots', 'outlooks', 'plan_items', 'wash_sessions',
        'bookings', 'home_links', 'pictures', 'activity_log',
    ])
        ->and($before['readings'])->toBe($head->readings()->count());
    $theirs = ClientTraces::of($other)->counts();

    $this
        ->get("/clients/{$head->id}/erase")
        ->assertOk()
        ->assertSee('Everything of this client (.zip)')
        ->assertSee('picture files');
    $this
        ->from("/clients/{$head->id}/erase")
        ->delete("/clients/{$head->id}", ['name' => 'Vesla'])
        ->assertSessionHasErrors('name');
    expect(Head::query()->find($head->id))->not->toBeNull();
    $this->delete("/clients/{$head->id}", ['name' => 'Vesla Unmistakable'])->assertSessionHasNoErrors();
    $proof = Deletion::query()->sole();
    expect($proof->before)
        ->toEqual($before)
        ->and(array_sum($proof->after))
        ->toBe(0)
        ->and($proof->files_before)
        ->toBe(1)
        ->and($proof->files_after)
        ->toBe(0)
        ->and($proof->leftNothing())
        ->toBeTrue();
    Storage::disk(Picture::DISK)->assertMissing($picture->path());
    $this
        ->get("/salon/data/deletions/{$proof->id}")
        ->assertOk()
        ->assertSee('Nothing is left')
        ->assertDontSee('Unmistakable');
    $this->get("/clients/{$head->id}")->assertNotFound();
    expect(ClientTraces::of($other)->counts())->toEqual($theirs);
    // No table of the whole database names her or her key any more.
    foreach (
        DB::table('information_schema.COLUMNS')
            ->where('TABLE_SCHEMA', DB::getDatabaseName())
            ->whereIn('DATA_TYPE', ['varchar', 'char', 'text', 'mediumtext', 'longtext'])
            ->get(['TABLE_NAME as t', 'COLUMN_NAME as c']) as $column
    ) {
        foreach (['Unmistakable', $head->id] as $trace) {
            expect(DB::table($column->t)->where(
                $column->c,
                'like',
                "%{$trace}%",
            )->count())->toBe(0, "{$column->t}.{$column->c}");
        }
    }
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get("/salon/data/deletions/{$proof->id}")->assertNotFound();
    $this->delete("/clients/{$other->id}", ['name' => $other->name])->assertNotFound();
});

it('names every table that keeps something of a client, in each language', function (): void {
    $links = collect(DB::select(
        'select k.TABLE_NAME child, k.REFERENCED_TABLE_NAME parent from information_schema.KEY_COLUMN_USAGE k '
            . 'join information_schema.REFERENTIAL_CONSTRAINTS r on r.CONSTRAINT_NAME = k.CONSTRAINT_NAME '
            . 'and r.CONSTRAINT_SCHEMA = k.CONSTRAINT_SCHEMA where k.TABLE_SCHEMA = database() '
            . "and r.DELETE_RULE = 'CASCADE'",
    ));
    $tables = ['heads', 'activity_log'];
    for ($i = 0; $i < count($tables); $i++) {
        $children = $links->where('parent', $tables[$i])->pluck('child')->all();
        $tables = array_values(array_unique([...$tables, ...$children]));
    }
    expect(count($tables))->toBeGreaterThan(30);
    foreach (['en', 'es'] as $language) {
        $unnamed = fn (string $table): bool => ! trans()->hasForLocale("data-transfer.tables.{$table}", $language);
        expect(array_values(array_filter($tables, $unnamed)))->toBe([], $language);
    }
});
