<?php

declare(strict_types=1);

/* What clients agree to is kept in the words they read, dated, taken back, printed to sign; a salon words it itself. */

use App\Care\Clients\ClientRegistry;
use App\Models\Consent;
use App\Models\ConsentPurpose;
use App\Models\ConsentWording;
use App\Models\Head;
use App\Models\Picture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

const OUR_WORDS = 'We keep what your curls need. Say so and it is gone.';

/** @return array<string, string> */
function agreeing(string $purpose = 'record', array $with = []): array
{
    return $with + ['purpose' => $purpose, 'given_by' => 'Vesla Ortiz', 'agreed' => '1'];
}

it('keeps the words that were read, also when the salon words it otherwise later', function (): void {
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $head->consents()->delete();
    $this->get("/clients/{$head->id}/consent")->assertOk()->assertSee('Not agreed to.')
        ->assertSee("{$this->salon->name} keeps a record of my hair");
    $this->post("/clients/{$head->id}/consent", agreeing())->assertSessionHasNoErrors();
    $kept = Consent::query()->sole();
    expect($kept->wording)->toStartWith("{$this->salon->name} keeps a record")
        ->and($kept->given_on->format('Y-m-d'))->toBe('2027-01-09')
        ->and($kept->taken_by)->toBe('Ilse')
        ->and($head->refresh()->consent_on?->format('Y-m-d'))->toBe('2027-01-09')
        ->and($head->consent_by)->toBe('Vesla Ortiz');
    $this->travel(10)->days();
    $this->put('/salon/consent', ['wording_record_en' => OUR_WORDS])->assertSessionHasNoErrors();
    $this->get("/clients/{$head->id}/consent")->assertSeeInOrder([
        'Agreed to by Vesla Ortiz on 9 Jan 2027, noted by Ilse.', 'keeps a record', 'The words now', OUR_WORDS,
        'Words of 19 Jan 2027',
    ]);
    expect($kept->refresh()->wording)->toStartWith("{$this->salon->name} keeps a record");
    // Agreed to anew the new words hold, and what was before stands below.
    $this->post("/clients/{$head->id}/consent", agreeing());
    $this->get("/clients/{$head->id}/consent")->assertDontSee('The words now')->assertSee('Before');
    expect(Consent::query()->whereNull('withdrawn_on')->sole()->wording)->toBe(OUR_WORDS);
    // The same once more is the same agreement.
    $this->post("/clients/{$head->id}/consent", agreeing());
    expect(Consent::query()->count())->toBe(2);
});

it('is taken back, says what to do then, and stands there as it was', function (): void {
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $consent = $head->consents()->sole();
    $this->delete("/clients/{$head->id}/consent/{$consent->id}")
        ->assertSessionHas('said', __('consent.withdrawn-said.record'));
    expect($consent->refresh()->withdrawn_by)->toBe('Ilse')->and($head->refresh()->consent_on)->toBeNull();
    $this->get("/clients/{$head->id}/consent")->assertSee('Not agreed to.')->assertSee('Keeping a record:');
    $this->get("/clients/{$head->id}/trail")->assertOk()->assertSee('Agreement: changed')->assertSee('Taken back on');
});

it('comes with a new client, with a picture, and with a record from elsewhere', function (): void {
    $this->actingAs($this->stylist);
    Storage::fake(Picture::DISK);
    $imported = $this->aHead();
    expect($imported->consents()->sole()->wording)->toBe('')
        ->and($imported->consents()->sole()->given_on->equalTo($imported->consent_on))->toBeTrue();
    $this->get("/clients/{$imported->id}/consent")->assertSee('Given before the words were kept.');
    $image = imagecreatetruecolor(400, 300);
    ob_start();
    imagejpeg($image);
    $this->post("/clients/{$imported->id}/pictures", [
        'picture' => UploadedFile::fake()->createWithContent('a.jpg', (string) ob_get_clean()), 'kind' => 'before',
        'taken_on' => '2027-01-05', 'consent' => '1', 'consent_by' => 'Vesla Ortiz',
    ])->assertSessionHasNoErrors();
    $picture = $imported->consents()->where('purpose', ConsentPurpose::Pictures)->sole();
    expect($picture->given_by)->toBe('Vesla Ortiz')->and($picture->wording)->toContain('pictures of my hair');
});

it('is a guardian’s for a child, whoever else is not named', function (): void {
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $head->consents()->delete();
    $head->update([
        'name' => 'Milo', 'born_on' => '2018-05-01', 'guardian_name' => 'Anneke Fonn', 'consent_by' => null,
        'consent_on' => null,
    ]);
    app(ClientRegistry::class)->change($head, [], [], null, [], now());
    $consent = Consent::query()->sole();
    expect($consent->given_by)->toBe('Anneke Fonn')->and($consent->wording)->toContain('keeps a record');
    // On the page and on paper it is the guardian who is asked.
    $page = (string) $this->get("/clients/{$consent->head_id}/consent")->getContent();
    expect(substr_count($page, 'value="Anneke Fonn"'))->toBe(1)->and($page)->not->toContain('value="Milo"');
});

it('says what to type instead, and keeps nothing half', function (array $with, string $field, string $says): void {
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $this->post("/clients/{$head->id}/consent", agreeing('pictures', $with))->assertSessionHasErrors([$field => $says]);
    expect(Consent::query()->where('purpose', 'pictures')->count())->toBe(0);
})->with([
    [['purpose' => 'advertising'], 'purpose', 'Choose what is agreed to.'],
    [['given_by' => ''], 'given_by', 'Type who agrees, in up to 120 letters; for a child a guardian.'],
    [['agreed' => '0'], 'agreed', 'Tick that the words were read and are agreed to.'],
]);

it('is worded by the owner, in each language, and by nobody else', function (): void {
    $this->actingAs($this->stylist);
    $this->put('/salon/consent', ['wording_record_en' => 'too short'])->assertSessionHasErrors([
        'wording_record_en' => 'Type 20 to 4000 letters, or leave it empty for the words that ship.',
    ]);
    // What ships, sent as it stands, is no wording of one's own.
    $page = (string) $this->get('/salon/consent')->getContent();
    preg_match('#name="wording_pictures_es"[^>]*>([^<]+)<#', $page, $shipped);
    $this->put('/salon/consent', ['wording_pictures_es' => html_entity_decode($shipped[1])]);
    expect(ConsentWording::query()->count())->toBe(0);
    $this->put('/salon/consent', ['wording_record_es' => 'Guardamos lo que tus rizos necesitan.']);
    $this->put('/salon/consent', ['wording_record_es' => 'Guardamos lo que tus rizos necesitan.']);
    expect(ConsentWording::query()->sole()->language)->toBe('es');
    $head = $this->aHead();
    $head->update(['language' => 'es']);
    $this->get("/clients/{$head->id}/consent")->assertSee('Guardamos lo que tus rizos necesitan.');
    $this->put('/salon/consent', ['wording_record_es' => '']);
    $this->get("/clients/{$head->id}/consent")->assertSee('guarda una ficha de mi pelo')
        ->assertDontSee('tus rizos necesitan');
    expect(ConsentWording::query()->count())->toBe(2);
});

it('prints a form to sign in the client’s language', function (): void {
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $head->update(['language' => 'es']);
    $pdf = (string) $this->get("/clients/{$head->id}/consent.pdf")->assertOk()
        ->assertHeader('Content-Type', 'application/pdf')->getContent();
    expect($pdf)->toStartWith('%PDF-')->and(preg_match_all('#/Type /Page\b[^s]#', $pdf))->toBe(1);
});

it('takes back nothing of another client', function (): void {
    $this->actingAs($this->stylist);
    [$one, $two] = [$this->aHead(), $this->aHead('protein-sensitive')];
    $this->delete("/clients/{$one->id}/consent/{$two->consents()->sole()->id}")->assertNotFound();
    expect(Consent::query()->whereNotNull('withdrawn_on')->count())->toBe(0)->and(Head::query()->count())->toBe(2);
});
