<?php

declare(strict_types=1);

/* The whole salon in one archive, which alone makes it again: on a machine with another key, to the last row. */

use App\Bridge\Archive\ArchivedTable;
use App\Bridge\Archive\SalonTables;
use App\Care\Accounts\FirstCode;
use App\Care\Clients\PictureFiles;
use App\Models\Head;
use App\Models\Picture;
use App\Models\Salon;
use App\Models\TrailEntry;
use App\Models\User;
use Illuminate\Encryption\Encrypter;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';
require_once __DIR__ . '/Unpacked.php';

/** @return string path of the archive as its owner takes it away */
function takenAway(FeatureTestCase $test): string
{
    $path = $test->get('/salon/data/salon.zip')->assertOk()->getFile()->getPathname();
    $kept = sys_get_temp_dir() . '/' . uniqid('archive') . '.zip';
    copy($path, $kept);

    return $kept;
}

/** @return array<string, string> what is restored from, without what says when it was made */
function restoredFrom(string $archive): array
{
    return array_filter(
        unpacked($archive),
        fn (string $name): bool => str_starts_with($name, 'salon/'),
        ARRAY_FILTER_USE_KEY,
    );
}

/** A salon with everything in it that leads from one row to another. */
function livedIn(FeatureTestCase $test): Head
{
    openSalon($test);
    Storage::fake(Picture::DISK);
    $head = $test->aHead();
    $head->update(['allergies' => 'wool wax', 'health_notes' => 'asks for quiet', 'phone' => '+351 912 345 678']);
    $test->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $test->post('/account/calendar');
    $picture = (new Picture())->forceFill([
        'salon_id' => $test->salon->id, 'head_id' => $head->id, 'taken_on' => '2027-01-08', 'kind' => 'before',
        'consent_by' => $head->name, 'consent_on' => '2027-01-08', 'by' => 'Ilse', 'width' => 1, 'height' => 1,
    ]);
    $picture->save();
    app(PictureFiles::class)->keep($picture, 'pixels');
    // One whose file is lost keeps the rest from nobody.
    $lost = $picture->replicate();
    $lost->save();

    return $head;
}

/** Another machine: its own key, and nothing of the salon. */
function anotherMachine(FeatureTestCase $test): void
{
    $test->salon->delete();
    DB::statement('set @nagomi_forgets = 1');
    DB::table('activity_log')->delete();
    DB::statement('set @nagomi_forgets = null');
    Storage::fake(Picture::DISK);
    app()->instance('encrypter', new Encrypter(random_bytes(32), 'aes-256-cbc'));
    Crypt::clearResolvedInstances();
    Salon::encryptUsing(null);
}

/**
 * Taking an archive away is told of in the trail: those lines alone are new.
 *
 * @param array<string, string> $was
 * @param array<string, string> $is
 *
 * @return array<string, string>
 */
function withOneMore(array $was, array $is): array
{
    $trail = 'salon/tables/activity_log.jsonl';
    expect($is[$trail])->toStartWith($was[$trail]);
    $more = substr($is[$trail], strlen($was[$trail]));
    expect(substr_count($more, 'exported'))->toBe(substr_count($more, "\n") - 1)
        ->and(substr_count($more, 'salon-restored'))->toBe(1);

    return [$trail => $is[$trail], 'salon/manifest.json' => $is['salon/manifest.json']] + $was;
}

it('makes the salon again out of its archive, byte for byte as it was', function (): void {
    $head = livedIn($this);
    $archive = takenAway($this);
    // Numbers of rows are others here; whatever leads to one leads to the same.
    $this->salonWithStylist('maren@test.example');
    anotherMachine($this);
    $this->artisan('nagomi:restore-salon', ['file' => $archive])->assertSuccessful()
        ->expectsOutputToContain('Test salon is here again');

    $again = Head::query()->withoutGlobalScopes()->findOrFail($head->id);
    $owner = User::query()->where('email', $this->stylist->email)->sole();
    expect($again->salon_id)->not->toBe($this->salon->id)->and($owner->id)->not->toBe($this->stylist->id)
        ->and($again->allergies)->toBe('wool wax')->and($again->health_notes)->toBe('asks for quiet')
        ->and(DB::table('heads')->where('id', $head->id)->value('allergies'))->not->toContain('wool');
    $this->salon = $owner->salon;
    $this->actingAs($owner);
    $second = restoredFrom(takenAway($this));
    expect($second)->toEqual(withOneMore(restoredFrom($archive), $second));
    $this->get("/clients/{$head->id}")->assertOk()->assertSee('wool wax');
    $this->get("/clients/{$head->id}/trail")->assertOk()->assertSee('wool wax');
    $this->get('/today?date=2027-01-11')->assertOk()->assertSee($head->name);
    expect(Picture::query()->count())->toBe(2);
    $picture = Picture::query()->orderBy('id')->firstOrFail();
    expect(app(PictureFiles::class)->read($picture))->toBe('pixels');
});

it('leads to each row it led to, and lets each person choose a password anew', function (): void {
    $head = livedIn($this);
    $this->patch("/clients/{$head->id}", []);
    // What each line tells of, and who did it.
    $tells = fn (): array => TrailEntry::query()->with(['subject', 'causer'])->orderBy('id')->get()->map(
        fn (TrailEntry $entry): string => "{$entry->description} {$entry->causer?->name} " . class_basename(
            (string) $entry->subject_type,
        ) . ' ' . ($entry->subject?->getAttributes()['name'] ?? $entry->subject?->getAttributes()['service'] ?? ''),
    )->all();
    $told = $tells();
    $archive = takenAway($this);
    $this->salonWithStylist('maren@test.example');
    anotherMachine($this);
    Artisan::call('nagomi:restore-salon', ['file' => $archive]);
    $link = (string) preg_replace('/.*(https?:\S+).*/s', '$1', Artisan::output());
    $this->actingAs(User::query()->where('email', $this->stylist->email)->sole());
    expect(array_slice($tells(), 0, count($told)))->toBe($told)->and(count($told))->toBeGreaterThan(8);
    auth()->logout();
    $this->post('/sign-in', ['email' => $this->stylist->email, 'password' => 'a-long-password'])
        ->assertSessionHasErrors();
    $this->get($link)->assertOk();
    $this->post($link, ['password' => 'a-harbour-of-curls-27', 'password_confirmation' => 'a-harbour-of-curls-27'])
        ->assertSessionHasNoErrors();
    $this->post('/sign-in', ['email' => $this->stylist->email, 'password' => 'a-harbour-of-curls-27'])
        ->assertRedirect('/today');
});

it('refuses what is no archive, what is damaged, and what is here already, and writes nothing of it', function (): void {
    livedIn($this);
    $archive = takenAway($this);
    $says = function (string $file): string {
        expect(Artisan::call('nagomi:restore-salon', ['file' => $file]))->toBe(1);

        return Artisan::output();
    };
    expect($says('/nowhere.zip'))->toContain('no such file')
        ->and($says(__FILE__))->toContain('no archive of a salon')
        ->and($says($archive))->toContain('is here already');
    $rows = fn (): array => array_map(
        fn (ArchivedTable $table): int => DB::table($table->name)->count(),
        SalonTables::all(),
    );
    $change = function (string $name, callable $how) use ($archive): string {
        $other = $archive . uniqid() . '.zip';
        copy($archive, $other);
        $zip = new ZipArchive();
        $zip->open($other);
        $zip->addFromString($name, $how((string) $zip->getFromName($name)));
        $zip->close();

        return $other;
    };
    anotherMachine($this);
    $before = $rows();
    $wrong = [
        'is not what it was' => $change('salon/tables/heads.jsonl', fn (string $was): string => "{$was} "),
        'another release' => $change('salon/manifest.json', fn (string $was): string => str_replace(
            '"migration": "20',
            '"migration": "90',
            $was,
        )),
    ];
    foreach ($wrong as $sentence => $file) {
        expect($says($file))->toContain($sentence)->and($rows())->toBe($before);
    }
    // Rows no salon of ours ever had, in a list that says they are right.
    $odd = $change('salon/tables/services.jsonl', fn (): string => "{\"id\":1,\"minutes\":\"lots\"}\n");
    $digest = hash('sha256', "{\"id\":1,\"minutes\":\"lots\"}\n");
    $zip = new ZipArchive();
    $zip->open($odd);
    $list = json_decode((string) $zip->getFromName('salon/manifest.json'), true);
    $list['files']['salon/tables/services.jsonl'] = ['rows' => 1, 'sha256' => $digest];
    $zip->addFromString('salon/manifest.json', (string) json_encode($list));
    $zip->close();
    expect($says($odd))->toContain('The archive is damaged')->and($rows())->toBe($before);
    // Half way through the disk is full: nothing of it stays.
    Picture::retrieved(fn () => throw new RuntimeException('The disk is full.'));
    expect(fn () => Artisan::call('nagomi:restore-salon', ['file' => $archive]))->toThrow(RuntimeException::class);
    Picture::flushEventListeners();
    expect($rows())->toBe($before)->and(Storage::disk(Picture::DISK)->allFiles())->toBe([]);
});

it('holds every table that has rows of a salon, but those named as of one machine', function (): void {
    livedIn($this);
    $withSalon = collect(DB::select(
        "select TABLE_NAME t from information_schema.COLUMNS where TABLE_SCHEMA = database() and COLUMN_NAME in ('salon_id', 'head_id')",
    ))->pluck('t')->unique()->diff([
        'imports', 'invitations', 'access_tokens', 'webhooks', 'webhook_deliveries',
    ])->values()->all();
    $tables = array_keys(SalonTables::all());
    expect(array_diff($withSalon, $tables))->toBe([])->and(end($tables))->toBe('activity_log')
        ->and(array_search('wash_days', $tables, true))->toBeLessThan(array_search('wash_steps', $tables, true));
    // Nothing of how anybody signs in leaves the machine.
    $users = restoredFrom(takenAway($this))['salon/tables/users.jsonl'];
    expect($users)->toContain('"password":""')->not->toContain('$2y$')->toContain('"second_secret":null');
});

it('brings a salon back on the first page of a machine that holds none, once, for whoever has its code', function (): void {
    $head = livedIn($this);
    $archive = takenAway($this);
    $bytes = (string) file_get_contents($archive);
    $file = fn (): UploadedFile => UploadedFile::fake()->createWithContent('salon.zip', $bytes);
    anotherMachine($this);
    auth()->logout();
    $code = app(FirstCode::class)->anew();
    $this->get('/begin')->assertOk()->assertSee('Or bring a salon back');
    $this->post('/begin/archive', ['archive_code' => 'AAAA-AAAA', 'archive' => $file()])
        ->assertSessionHasErrors('archive_code');
    $this->post('/begin/archive', ['archive_code' => $code])->assertSessionHasErrors('archive');
    $this->post('/begin/archive', [
        'archive_code' => $code, 'archive' => UploadedFile::fake()->createWithContent('a.zip', 'nothing'),
    ])->assertSessionHasErrors(['archive' => 'This is no archive of a salon. Take the whole salon away under Import and '
        . 'export, and give that file.']);
    expect(Salon::query()->count())->toBe(0);
    $link = (string) $this->post('/begin/archive', ['archive_code' => $code, 'archive' => $file()])
        ->assertSessionHasNoErrors()
        ->headers->get('Location');
    $this->get($link)->assertOk()->assertSee('Test salon is back');
    $this->post($link, ['password' => 'a-harbour-of-curls-27'])->assertRedirect('/today');
    $this->get("/clients/{$head->id}")->assertOk()->assertSee('wool wax');
    $this->post('/begin/archive', ['archive_code' => $code, 'archive' => $file()])->assertRedirect('/today');
    expect(Salon::query()->count())->toBe(1);
});
