<?php

declare(strict_types=1);

use App\Models\Head;
use Illuminate\Http\UploadedFile;
use Opis\JsonSchema\Validator;

function upload(string $content): UploadedFile
{
    return UploadedFile::fake()->createWithContent('record.json', $content);
}

it('exports a record that fits the schema and imports it again as the same head', function (): void {
    $head = $this->aHead('growing-out-bleach');
    $exported = $this->actingAs($this->stylist)->get("/clients/{$head->id}/record.json")->assertOk()->getContent();
    $schema = json_decode((string) file_get_contents(base_path('docs/care-record.schema.json')));
    expect((new Validator())->validate(json_decode($exported), $schema)->isValid())->toBeTrue();

    [$salon, $other] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($other)->post('/clients/records', ['record' => upload($exported)])->assertSessionHasNoErrors();
    $copy = Head::query()->where('salon_id', $salon->id)->firstOrFail();
    $again = json_decode($this->get("/clients/{$copy->id}/record.json")->getContent(), true);
    $first = json_decode($exported, true);
    expect(array_diff_key($again['head'], ['id' => 0]))->toEqual(array_diff_key($first['head'], ['id' => 0]));
    foreach (['intake', 'events', 'readings', 'products', 'stylist_biases'] as $part) {
        expect($again[$part])->toEqual($first[$part]);
    }
    expect($copy->outlook->standing)->toEqual($head->outlook->standing);
});

it('keeps the id of a record that is free, and asks before taking a head in twice', function (): void {
    $head = $this->aHead();
    $exported = $this->actingAs($this->stylist)->get("/clients/{$head->id}/record.json")->getContent();
    $this->post('/clients/records', ['record' => upload($exported)])->assertSessionHasErrors('record');
    expect(session('errors')->first('record'))->toContain('You have this client already');
    $this->post('/clients/records', ['record' => upload($exported), 'copy' => '1'])->assertSessionHasNoErrors();
    $count = Head::query()->count();
    $head->delete();
    $this
        ->post('/clients/records', ['record' => upload($exported)])
        ->assertSessionHasNoErrors()
        ->assertRedirect("/clients/{$head->id}");
    expect(Head::query()->count())->toBe($count);
});

it('names every problem of a record and stores nothing', function (callable $break, string $sentence): void {
    $content = $break($this->example());
    $before = Head::query()->count();
    $this
        ->actingAs($this->stylist)
        ->from('/clients/records/new')
        ->post('/clients/records', ['record' => upload($content)])
        ->assertSessionHasErrors('record');
    expect(implode("\n", session('errors')->get('record')))
        ->toContain($sentence)
        ->and(Head::query()->count())
        ->toBe($before);
    $this->get('/clients/records/new')->assertSee($sentence);
})->with([
    'wrong version' => [
        fn (string $json): string => str_replace('"version": 1', '"version": 3', $json),
        'this release reads version 1',
    ],
    '31 February' => [
        fn (string $json): string => (string) preg_replace(
            '/"date": "\d{4}-\d\d-\d\d"/',
            '"date": "2026-02-31"',
            $json,
            1,
        ),
        'a day that exists',
    ],
    'half a file' => [fn (string $json): string => substr($json, 0, 5000), 'this is not JSON'],
]);

it('refuses a file of 50 MB, and none at all, with a sentence', function (): void {
    $this
        ->actingAs($this->stylist)
        ->post('/clients/records', ['record' => UploadedFile::fake()->create('record.json', 50_000)])
        ->assertSessionHasErrors(['record' => 'Choose a care record of under 5 MB, a file that ends in .json.']);
    $this->post('/clients/records', [])->assertSessionHasErrors('record');
});

it('carries through what a record holds besides', function (): void {
    $record = json_decode($this->example(), true);
    $record['intake']['favourite_colour'] = 'teal';
    $record['products'] = [['id' => 'oat', 'name' => 'Oat leave-in']];
    $this
        ->actingAs($this->stylist)
        ->post('/clients/records', ['record' => upload(json_encode($record))])
        ->assertSessionHasNoErrors();
    $head = Head::query()->latest('created_at')->firstOrFail();
    $again = json_decode($this->get("/clients/{$head->id}/record.json")->getContent(), true);
    expect($again['intake']['favourite_colour'])->toBe('teal')->and($again['products'])->toBe($record['products']);
});
