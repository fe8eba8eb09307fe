<?php

declare(strict_types=1);

/*
 * Pictures in a bucket that several machines reach, spoken to over the S3 interface: kept, read, listed, given other
 * keys, swept and copied as on a disk; while it is away nothing of the book is lost. The stand-in checks signatures, and
 * is itself held against the published example.
 */

use App\Care\Clients\PictureFiles;
use App\Care\Clients\PictureStore;
use App\Models\Picture;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\StandIn;

require_once __DIR__ . '/../../bin/stand-ins/S3Signature.php';

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir() . '/bucket' . bin2hex(random_bytes(6));
    $this->bucket = StandIn::bucket($this->folder);
    config(['filesystems.disks.pictures' => [
        'driver' => 's3', 'key' => 'salt', 'secret' => 'light', 'region' => 'local', 'bucket' => 'nagomi',
        'endpoint' => "http://127.0.0.1:{$this->bucket->port}", 'use_path_style_endpoint' => true, 'throw' => true,
        'retain_visibility' => false, 'retries' => 0,
    ]]);
    Storage::forgetDisk(Picture::DISK);
    $this->actingAs($this->stylist);
});

afterEach(function (): void {
    $this->bucket->stop();
    (new Illuminate\Filesystem\Filesystem())->deleteDirectory($this->folder);
});

function aPictureInTheBucket(FeatureTestCase $test, string $bytes = "\xFF\xD8\xFFpixels"): Picture
{
    $head = $test->aHead();
    $picture = (new Picture())->forceFill([
        'salon_id' => $head->salon_id, 'head_id' => $head->id, 'taken_on' => '2027-01-05', 'kind' => 'before',
        'consent_by' => 'Vesla', 'consent_on' => '2027-01-05', 'by' => 'Ilse', 'width' => 4, 'height' => 3,
    ]);
    $picture->save();
    app(PictureFiles::class)->keep($picture, $bytes);

    return $picture;
}

it('signs as the published example of the S3 interface does', function (): void {
    // "GET Object" of "Authenticating Requests: Using the Authorization Header", from memory.
    $signature = (new S3Signature('wJalrXUtnFEMI/K7MDENG/bPxRfiCYEXAMPLEKEY'))->of('GET', '/test.txt', [], [
        'host' => 'examplebucket.s3.amazonaws.com',
        'range' => 'bytes=0-9',
        'x-amz-content-sha256' => hash('sha256', ''),
        'x-amz-date' => '20130524T000000Z',
    ], '20130524/us-east-1/s3/aws4_request', hash('sha256', ''));
    expect($signature)->toBe('f0e8bdb87c964420e857bd35b5d6ed310bd44f0170aba48dd91039c6036bdb41');
});

it('keeps and reads a picture there, encrypted, and deletes it with its row', function (): void {
    $picture = aPictureInTheBucket($this);
    $kept = (string) file_get_contents("{$this->folder}/nagomi/{$picture->path()}");
    expect(app(PictureFiles::class)->read($picture))->toBe("\xFF\xD8\xFFpixels")->and($kept)->not->toContain('pixels')
        ->and(strlen($kept))->toBeGreaterThan(100);
    $this->get("/clients/{$picture->head_id}/pictures/{$picture->id}")->assertOk()
        ->assertContent("\xFF\xD8\xFFpixels");
    $this->delete("/clients/{$picture->head_id}/pictures/{$picture->id}")->assertRedirect();
    expect(is_file("{$this->folder}/nagomi/{$picture->path()}"))->toBeFalse();
    $this->get("/clients/{$picture->head_id}/pictures/{$picture->id}")->assertNotFound();
});

it('takes no word of who has another key', function (): void {
    $picture = aPictureInTheBucket($this);
    config(['filesystems.disks.pictures.secret' => 'dark']);
    Storage::forgetDisk(Picture::DISK);
    $wrong = 'SignatureDoesNotMatch';
    expect(static fn () => Storage::disk(Picture::DISK)->get($picture->path()))->toThrow(Exception::class, $wrong)
        ->and(static fn () => Storage::disk(Picture::DISK)->put('pictures/x', 'y'))->toThrow(Exception::class, $wrong)
        ->and(is_file("{$this->folder}/nagomi/pictures/x"))->toBeFalse();
});

it('sweeps the file of what was taken back', function (): void {
    $before = Storage::disk(Picture::DISK)->allFiles();
    DB::beginTransaction();
    $picture = aPictureInTheBucket($this);
    DB::rollBack();
    expect(Storage::disk(Picture::DISK)->exists($picture->path()))->toBeTrue()
        ->and(app(PictureStore::class)->sweep(CarbonImmutable::createFromTimestamp(time() + 7200)))->toBe(1)
        ->and(Storage::disk(Picture::DISK)->allFiles())->toBe($before);
});

it('says that the store is away, keeps the row that is deleted meanwhile away, and sweeps its file by night', function (): void {
    $picture = aPictureInTheBucket($this);
    $this->bucket->stop();
    Storage::forgetDisk(Picture::DISK);
    $this->get("/clients/{$picture->head_id}/pictures/{$picture->id}")->assertStatus(503);
    expect($this->get('/health')->json('checks.pictures.state'))->toBe('failing');
    $this->delete("/clients/{$picture->head_id}/pictures/{$picture->id}")->assertRedirect();
    expect(Picture::query()->find($picture->id))->toBeNull()
        ->and(is_file("{$this->folder}/nagomi/{$picture->path()}"))->toBeTrue();
    $this->bucket = StandIn::bucket($this->folder);
    config(['filesystems.disks.pictures.endpoint' => "http://127.0.0.1:{$this->bucket->port}"]);
    Storage::forgetDisk(Picture::DISK);
    $another = aPictureInTheBucket($this);
    // What has just come may have a row that nobody sees yet.
    $now = CarbonImmutable::createFromTimestamp(time());
    expect(app(PictureStore::class)->sweep($now))->toBe(0)
        ->and(app(PictureStore::class)->sweep($now->addHours(2)))->toBe(1)
        ->and(Storage::disk(Picture::DISK)->allFiles())->toBe([$another->path()]);
});

it('copies out and back, fetching what is new alone', function (): void {
    [$one, $two] = [aPictureInTheBucket($this), aPictureInTheBucket($this, "\xFF\xD8\xFFother")];
    $copy = "{$this->folder}/copy";
    $fetched = fn (): int => app(PictureStore::class)->copyTo($copy);
    expect($fetched())->toBe(2)->and($fetched())->toBe(0);
    $bytes = (string) file_get_contents("{$copy}/{$one->path()}");
    Storage::disk(Picture::DISK)->delete($two->path());
    $three = aPictureInTheBucket($this);
    expect($fetched())->toBe(1)->and(is_file("{$copy}/{$two->path()}"))->toBeFalse();
    Storage::disk(Picture::DISK)->delete($one->path());
    Storage::disk(Picture::DISK)->put('pictures/1/stray.jpg', 'x');
    $this->artisan('nagomi:copy-pictures', ['folder' => $copy, '--back' => true])->assertSuccessful();
    expect(Storage::disk(Picture::DISK)->allFiles())->toEqualCanonicalizing([$one->path(), $three->path()])
        ->and(Storage::disk(Picture::DISK)->get($one->path()))->toBe($bytes)
        ->and(app(PictureFiles::class)->read($one))->toBe("\xFF\xD8\xFFpixels");
});

it('lists more than a page of a thousand', function (): void {
    $folder = "{$this->folder}/nagomi/pictures/9";
    mkdir($folder, 0700, true);
    for ($at = 0; $at < 1010; $at++) {
        touch("{$folder}/{$at}.jpg", time() - 7200);
    }
    expect(Storage::disk(Picture::DISK)->allFiles('pictures'))->toHaveCount(1010)
        ->and(app(PictureStore::class)->sweep(CarbonImmutable::createFromTimestamp(time())))->toBe(1010)
        ->and(Storage::disk(Picture::DISK)->allFiles('pictures'))->toBe([]);
});
