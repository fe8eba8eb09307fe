<?php

declare(strict_types=1);

/* The key of what is encrypted is changed: all of it opens with the new one alone, and nothing else has changed. */

use App\Care\Clients\PictureFiles;
use App\Care\Clients\Pictures;
use App\Care\Keys\KeyRotation;
use App\Models\Head;
use App\Models\HomeLink;
use App\Models\Picture;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\FeatureTestCase;

/** The application as it is begun with a new key, and with those of before. */
function withKeys(string $now, string ...$before): void
{
    $all = (new Encrypter($now, 'aes-256-cbc'))->previousKeys($before);
    app()->instance('encrypter', $all);
    Crypt::clearResolvedInstances();
    Head::encryptUsing(null);
}

/** A client with all that is kept secret of them, on the shelf, in the trail and on the disk. */
function secretive(FeatureTestCase $test): Picture
{
    Storage::fake(Picture::DISK);
    $test->actingAs($test->stylist);
    $head = $test->aHead();
    $head->update(['allergies' => 'wool wax', 'health_notes' => "asks for quiet / 'ø'", 'phone' => '+351 912 345 678']);
    $head->update(['health_notes' => 'no more of it']);
    $test->post('/account/calendar')->assertSessionHasNoErrors();

    return app(Pictures::class)->keep($head, ["\xFF\xD8\xFFpixels", 4, 4], now(), 'before', 'Vesla', 'Ilse');
}

/** @return array<string, list<array<string, mixed>>> rows that hold a sealed text, as the database has them */
function sealedRows(): array
{
    $rows = [];
    foreach (['heads', 'calendar_feeds', 'activity_log'] as $table) {
        $rows[$table] = array_map(static fn (object $row): array => (array) $row, DB::table($table)->get()->all());
    }

    return $rows;
}

/** @param array<string, list<array<string, mixed>>> $rows */
function unsealed(array $rows): string
{
    return (string) preg_replace_callback(
        '#eyJpdiI6[A-Za-z0-9+=/\\\\]+#',
        static fn (array $found): string => 'opened: ' . Crypt::decryptString(stripslashes($found[0])),
        (string) json_encode($rows, JSON_UNESCAPED_SLASHES),
    );
}

it('takes all that is encrypted to the key of now, and touches nothing else', function (): void {
    $picture = secretive($this);
    $old = Crypt::getKey();
    [$before, $plain] = [sealedRows(), unsealed(sealedRows())];
    $onDisk = Storage::disk(Picture::DISK)->get($picture->path());
    expect($plain)->toContain('opened: wool wax')->and($onDisk)->not->toContain('pixels');
    withKeys($new = random_bytes(32), $old);
    $this->artisan('nagomi:rotate-key')->expectsOutputToContain('none is left with one of before')->assertSuccessful();
    expect(unsealed(sealedRows()))->toBe($plain)
        ->and(sealedRows()['heads'])->not->toEqual($before['heads'])
        ->and(sealedRows()['activity_log'])->not->toEqual($before['activity_log'])
        ->and(Storage::disk(Picture::DISK)->get($picture->path()))->not->toBe($onDisk)
        ->and(Storage::disk(Picture::DISK)->allFiles())->toBe([$picture->path()]);
    // The key of before is thrown away.
    withKeys($new);
    expect(unsealed(sealedRows()))->toBe($plain)
        ->and(app(PictureFiles::class)->read($picture))->toBe("\xFF\xD8\xFFpixels")
        ->and(Head::query()->sole()->health_notes)->toBe('no more of it');
    $this->get("/clients/{$picture->head_id}/trail")->assertOk()->assertSee("asks for quiet / 'ø'");
    // Once more there is nothing to do.
    $pass = app(KeyRotation::class)->pass();
    expect([$pass->rows, $pass->pictures, $pass->lost])->toBe([0, 0, 0]);
    // And the trail only grows as before.
    expect(fn () => DB::table('activity_log')->update(['description' => 'x']))->toThrow('The trail only grows.');
});

it('goes on where it was broken off', function (): void {
    secretive($this);
    $old = Crypt::getKey();
    $plain = unsealed(sealedRows());
    withKeys($new = random_bytes(32), $old);
    // One row is through already; somebody has written another meanwhile.
    $head = Head::query()->sole();
    $head->update(['allergies' => 'none known']);
    $pass = app(KeyRotation::class)->pass();
    expect($pass->rows)->toBeGreaterThan(2)->and($pass->pictures)->toBe(1)->and($pass->lost)->toBe(0);
    withKeys($new);
    expect(Head::query()->sole()->allergies)->toBe('none known')
        ->and(unsealed(sealedRows()))->toContain('opened: none known')
        ->and($plain)->not->toContain('opened: none known');
});

it('leaves what no key opens, and says how much it is', function (): void {
    $picture = secretive($this);
    withKeys($new = random_bytes(32));
    $before = sealedRows();
    $this->artisan('nagomi:rotate-key')->expectsOutputToContain('open with none of these keys')->assertSuccessful();
    expect(sealedRows())->toEqual($before)
        ->and(app(PictureFiles::class)->read($picture))->toBeNull();
    $this->actingAs($this->stylist)->get("/clients/{$picture->head_id}/pictures/{$picture->id}")->assertNotFound();
});

it('encrypts a picture of before there were any, which is shown meanwhile', function (): void {
    $picture = secretive($this);
    Storage::disk(Picture::DISK)->put($picture->path(), "\xFF\xD8\xFFold pixels");
    $this->get("/clients/{$picture->head_id}/pictures/{$picture->id}")->assertOk()->assertSee('old pixels');
    expect(app(KeyRotation::class)->pass()->pictures)->toBe(1)
        ->and(Storage::disk(Picture::DISK)->get($picture->path()))->not->toContain('old pixels')
        ->and(app(PictureFiles::class)->read($picture))->toBe("\xFF\xD8\xFFold pixels");
});

it('does not bring back a picture that is deleted meanwhile', function (): void {
    $picture = secretive($this);
    $old = Crypt::getKey();
    withKeys(random_bytes(32), $old);
    DB::table('pictures')->delete();
    app(KeyRotation::class)->pass();
    expect(Storage::disk(Picture::DISK)->allFiles())->toBe([]);
});

it('keeps links that were handed out where the key is another, unless they are to end', function (): void {
    $head = $this->aHead();
    config(['app.link_key' => 'base64:first']);
    $link = new HomeLink(['head_id' => $head->id, 'by' => 'Ilse', 'expires_at' => now()->addMonth()]);
    $link->salon_id = $head->salon_id;
    $link->save();
    $path = $link->path();
    $owner = $link->owner();
    config(['app.key' => 'base64:second', 'app.previous_keys' => []]);
    $this->get($path)->assertOk();
    expect($link->owner())->toBe($owner);
    config(['app.link_key' => 'base64:third']);
    $this->get($path)->assertNotFound();
});

it('finds sealed texts in every table, whichever it is', function (): void {
    // Whatever casts a column as encrypted keeps it where the rotation looks.
    $texts = ['char', 'varchar', 'text', 'mediumtext', 'longtext'];
    $held = 0;
    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $class = 'App\\Models\\' . basename($file, '.php');
        if (! is_subclass_of($class, Illuminate\Database\Eloquent\Model::class)) {
            continue;
        }
        $model = new $class();
        foreach ($model->getCasts() as $column => $cast) {
            if (str_starts_with((string) $cast, 'encrypted')) {
                $type = DB::table('information_schema.COLUMNS')
                    ->where('TABLE_SCHEMA', DB::getDatabaseName())
                    ->where('TABLE_NAME', $model->getTable())
                    ->where('COLUMN_NAME', $column)
                    ->value('DATA_TYPE');
                $held++;
                expect([$class, $column, in_array($type, $texts, true)])->toBe([$class, $column, true]);
            }
        }
    }
    expect($held)->toBeGreaterThan(10);
});
