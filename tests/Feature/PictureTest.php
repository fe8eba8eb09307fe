<?php

declare(strict_types=1);

use App\Care\Clients\PictureFiles;
use App\Models\Picture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** A JPEG of two colours that says in its metadata where it was taken, as a telephone’s does. */
function photograph(int $width = 400, int $height = 300): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefill($image, 0, 0, (int) imagecolorallocate($image, 120, 80, 60));
    ob_start();
    imagejpeg($image);
    $jpeg = (string) ob_get_clean();
    $exif = "Exif\0\0MM\0*\0\0\0\x08\0\0\0\0\0\0GPSLatitude 41.1579 GPSLongitude -8.6291";

    // An APP1 segment right after the start of the image.
    return substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', strlen($exif) + 2) . $exif . substr($jpeg, 2);
}

/** @return array<string, mixed> */
function picture(array $with = []): array
{
    return $with + [
        'picture' => UploadedFile::fake()->createWithContent('before.jpg', photograph()),
        'kind' => 'before',
        'taken_on' => '2027-01-05',
        'consent' => '1',
        'consent_by' => 'Vesla Ortiz-Kane',
    ];
}

beforeEach(fn () => Storage::fake(Picture::DISK));

it('keeps a picture privately, without the place it was taken, and deletes the file with it', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/pictures", picture())->assertSessionHasNoErrors();
    $kept = Picture::query()->firstOrFail();
    $bytes = (string) app(PictureFiles::class)->read($kept);
    expect(photograph())->toContain('GPSLatitude')->and($bytes)->not->toContain('GPS')->not->toContain('Exif')
        ->and(getimagesizefromstring($bytes)[0])->toBe(400)->and($kept->consent_by)->toBe('Vesla Ortiz-Kane');
    $this
        ->get("/clients/{$head->id}/pictures/{$kept->id}")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/jpeg')
        ->assertHeader('X-Content-Type-Options', 'nosniff');
    $this->get("/clients/{$head->id}/pictures")->assertSee('agreed to by Vesla Ortiz-Kane');
    $this->delete("/clients/{$head->id}/pictures/{$kept->id}")->assertRedirect();
    expect(Storage::disk(Picture::DISK)->exists($kept->path()))->toBeFalse()->and(Picture::query()->count())->toBe(0);
});

it('refuses what is no picture, carries a script, is too large, or has no consent', function (array $with, string $field): void {
    $head = $this->aHead();
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/pictures", picture($with))
        ->assertSessionHasErrors($field);
    expect(Picture::query()->count())->toBe(0)->and(Storage::disk(Picture::DISK)->allFiles())->toBe([]);
})->with([
    'a text that calls itself a picture' => [
        fn (): array => ['picture' => UploadedFile::fake()->createWithContent('x.jpg', 'not a picture')],
        'picture',
    ],
    'an SVG with a script' => [
        fn (): array => [
            'picture' => UploadedFile::fake()->createWithContent(
                'x.svg',
                '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
            ),
        ],
        'picture',
    ],
    'far too large' => [
        fn (): array => ['picture' => UploadedFile::fake()->create('x.jpg', 13_000, 'image/jpeg')],
        'picture',
    ],
    'a dot' => [
        fn (): array => ['picture' => UploadedFile::fake()->createWithContent('x.jpg', photograph(10, 10))],
        'picture',
    ],
    'no consent' => [fn (): array => ['consent' => '0'], 'consent'],
    'nobody who agreed' => [fn (): array => ['consent_by' => ''], 'consent_by'],
    'a day to come' => [fn (): array => ['taken_on' => '2099-01-01'], 'taken_on'],
]);

it('drops a script that rides behind the pixels', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post(
        "/clients/{$head->id}/pictures",
        picture([
            'picture' => UploadedFile::fake()->createWithContent(
                'x.jpg',
                photograph() . '<script>alert(1)</script><?php echo 1; ?>',
            ),
        ]),
    )->assertSessionHasNoErrors();
    expect(app(PictureFiles::class)->read(Picture::query()->firstOrFail()))->toBeString()->not->toContain('script')->not->toContain('<?php');
});

it('shows a picture to nobody but its own salon, and not through another head', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/pictures", picture());
    $kept = Picture::query()->firstOrFail();
    $other = $this->aHead('protein-sensitive');
    $this->get("/clients/{$other->id}/pictures/{$kept->id}")->assertNotFound();
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get("/clients/{$head->id}/pictures/{$kept->id}")->assertNotFound();
    $this->app['auth']->forgetGuards();
    $this->flushSession();
    $this->get("/clients/{$head->id}/pictures/{$kept->id}")->assertRedirect('/sign-in');
});

it('puts two pictures over one another', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/pictures", picture());
    $this->post("/clients/{$head->id}/pictures", picture(['kind' => 'after', 'picture' => UploadedFile::fake()->createWithContent('after.png', (function (): string {
        ob_start();
        imagepng(imagecreatetruecolor(3000, 200));

        return (string) ob_get_clean();
    })())]))->assertSessionHasNoErrors();
    expect(Picture::query()->where('kind', 'after')->firstOrFail()->width)->toBe(1600);
    $this->get("/clients/{$head->id}/pictures")->assertSee('data-compare', false)->assertSee('Put side by side');
});
