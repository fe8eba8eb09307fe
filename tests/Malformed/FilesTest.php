<?php

declare(strict_types=1);

use App\Bridge\Imports\ImportField;
use App\Models\Head;
use App\Models\Import;
use App\Models\Product;
use Illuminate\Http\UploadedFile;
use Nagomi\Core\Statistics\SeededRandom;
use Tests\Malformed\Files;

/*
 * Files as the world has them: cut short, in other alphabets, of other programs, or nothing of the kind. Each is
 * refused with a
 * sentence, or read for what it is; nothing of a refused one is kept.
 */

/** @return array<string, mixed> what somebody might say of a table, sense or none */
function anyColumns(SeededRandom $chance): array
{
    $fields = ['', ...array_column(ImportField::cases(), 'value')];
    $columns = [];
    for ($i = 0; $i < 8; $i++) {
        $columns[] = $fields[$chance->between(0, count($fields) - 1)];
    }

    return [
        'subject' => ['clients', 'bookings', 'treatments', 'dogs'][$chance->between(0, 3)],
        'order' => ['day-first', 'month-first'][$chance->between(0, 1)],
        'sheet' => (string) $chance->between(0, 3), 'header' => ['', '0', '1', '7'][$chance->between(0, 3)],
        'columns' => array_values(array_unique($columns)),
    ];
}

it('reads any file that is chosen, or says what to choose instead', function (): void {
    $chance = new SeededRandom((int) (getenv('NAGOMI_SEED') ?: 1));
    $files = new Files($chance, $this->example());
    $wrong = [];
    for ($i = 0; $i < 420; $i++) {
        [$kind, $name, $bytes] = $files->next();
        $before = $this->stored();
        $this->logged = [];
        $this->app['session']->forget('errors');
        $file = UploadedFile::fake()->createWithContent($name, $bytes);
        $answer = match ($kind) {
            'products' => $this->post('/products/import', ['file' => $file]),
            'record' => $this->post('/clients/records', ['record' => $file]),
            'picture' => $this->post(
                "/clients/{$this->head->id}/pictures",
                [
                    'picture' => $file, 'kind' => 'after', 'taken_on' => '2027-01-09', 'consent' => '1',
                    'consent_by' => 'Vesla',
                ],
            ),
            'weather' => $this->put(
                '/salon',
                [
                    'name' => 'Salon', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => '100',
                    'humidity_percent' => '50', 'currency' => 'EUR', 'climate' => 'none',
                    'method' => $this->salon->method, 'weather' => $file,
                ],
            ),
            default => $this->post('/salon/data/imports', ['file' => $file]),
        };
        $problem = $this->wrongWith($answer);
        $refused = $answer->baseResponse->getStatusCode() >= 400 || session()->has('errors');
        if ($problem === null && $refused && $this->stored() !== $before) {
            $problem = 'was refused and left something behind';
        }
        if ($problem === null && $kind === 'import' && ! $refused) {
            // What was found is looked at, and what is good of it taken in.
            $address = (string) $answer->headers->get('Location');
            $problem = $this->wrongWith($this->get($address))
                ?? $this->wrongWith($this->put($address, anyColumns($chance)))
                ?? $this->wrongWith($this->get($address))
                ?? $this->wrongWith($this->post($address, ['again' => '1', 'fills' => '1']))
                ?? $this->wrongWith($this->get($address))
                ?? $this->wrongWith($chance->happens(0.5) ? $this->delete("{$address}/taken") : $this->get($address));
        }
        if ($problem !== null) {
            $wrong[] = "{$kind} {$name} "
                . substr((string) json_encode(substr($bytes, 0, 60), JSON_INVALID_UTF8_SUBSTITUTE), 0, 90)
                . ": {$problem}";
        }
    }
    file_put_contents(base_path('var/malformed-files.log'), implode("\n", $wrong));
    expect(array_slice($wrong, 0, 8))->toBe([]);
});

it('reads a table as each program writes it', function (string $bytes, string $name): void {
    $file = UploadedFile::fake()->createWithContent('clients.csv', $bytes);
    $this->post((string) $this->post(
        '/salon/data/imports',
        ['file' => $file],
    )->headers->get('Location'))->assertSessionHasNoErrors();
    expect(Head::query()->where('name', $name)->count())->toBe(1);
})->with([
    'semicolons in the Western code page' => [
        mb_convert_encoding("Nombre;Correo;Teléfono\nZoë Müller;zoe@home.example;912\n", 'Windows-1252', 'UTF-8'),
        'Zoë Müller',
    ],
    'a mark before UTF-8' => ["\u{FEFF}name,phone\nÓli Þór,912 345\n", 'Óli Þór'],
    'UTF-16 with tabs' => ["\xFF\xFE" . mb_convert_encoding("Name\tPhone\nAna\t912\n", 'UTF-16LE', 'UTF-8'), 'Ana'],
    'a line break within quotes' => ["name,phone\n\"Vesla\nOrtiz\",912\n", 'Vesla Ortiz'],
    'first and last name' => ["First name,Last name,Birthday\nVesla,Ortiz,28.02.1994\n", 'Vesla Ortiz'],
    'line ends of an old machine' => ["name,phone\rVesla Ortiz,912\r", 'Vesla Ortiz'],
]);

it('reads cards of every age, with or without a full name', function (string $card, string $name): void {
    $file = UploadedFile::fake()->createWithContent('clients.vcf', $card);
    $this->post((string) $this->post(
        '/salon/data/imports',
        ['file' => $file],
    )->headers->get('Location'))->assertSessionHasNoErrors();
    expect(Head::query()->where('name', $name)->count())->toBe(1);
})->with([
    '2.1, quoted-printable' => [
        "BEGIN:VCARD\r\nVERSION:2.1\r\nN;CHARSET=UTF-8;ENCODING=QUOTED-PRINTABLE:M=C3=BCller;Zo=C3=AB\r\nTEL;CELL:912\r\nEND:VCARD\r\n",
        'Zoë Müller',
    ],
    '3.0 without FN' => ["BEGIN:VCARD\r\nVERSION:3.0\r\nN:Ortiz;Vesla;;;\r\nEND:VCARD\r\n", 'Vesla Ortiz'],
    '4.0 with a phone as an address' => [
        "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Vesla Ortiz\r\nTEL;VALUE=uri:tel:+351-912-345-678\r\nEND:VCARD\r\n",
        'Vesla Ortiz',
    ],
    'an organisation alone' => ["BEGIN:VCARD\nVERSION:3.0\nORG:Harbour Theatre\nEND:VCARD\n", 'Harbour Theatre'],
]);

it('says which card of a file is damaged, whatever bytes stand in it', function (string $spoiled): void {
    $whole = "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Vesla Ortiz\r\nTEL:912\r\nEND:VCARD\r\n";
    $file = UploadedFile::fake()->createWithContent('clients.vcf', $whole . $spoiled);
    $found = (string) $this->post('/salon/data/imports', ['file' => $file])->assertSessionHasNoErrors()
        ->headers->get('Location');
    $this->get($found)->assertOk()->assertSee('Card 2 is broken off or damaged');
    $this->post($found);
    expect(Head::query()->where('name', 'Vesla Ortiz')->exists())->toBeTrue();
})->with([
    'a word set off in another alphabet' => ["BEGIN:VCARD\r\nVERSION:2.1\r\nFN;CHARSET=\xE9\xFF:Zo\xEB\r\nEND:VCARD\r\n"],
    'a part within that no card has' => ["BEGIN:VCARD\r\nVERSION:2.1\r\nBEGIN:\xE9T\r\nEND:\xFFT\r\nEND:VCARD\r\n"],
    'an end of another' => ["BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Ana\r\nEND:VC\xEBRD\r\n"],
    'no lines of a card' => ["BEGIN:VCARD\r\nVERSION:3.0\r\n\xFF\xFE\xE9 Ana\r\nEND:VCARD\r\n"],
]);

it('takes its own exports in again, byte for byte', function (): void {
    foreach (
        ['=HYPERLINK', "'quoted", "'=both", "two\nlines", 'semi;colon, comma "quote"', '-5', '007'] as $i => $name
    ) {
        (new Product())->forceFill([
            'salon_id' => $this->salon->id, 'name' => $name, 'kind' => 'mask', 'ingredients' => 'Aqua, Glycerin',
            'reading' => [], 'claims' => ['protein-free'], 'barcode' => "0000{$i}", 'size_ml' => 500.5,
            'left_ml' => 12.25, 'pump_ml' => 1.5, 'price_cents' => 1999, 'opened_on' => '2026-12-24',
            'months_open' => 12, 'batch' => "B{$i}", 'made_on' => '2026-12-01', 'keeps_days' => 5,
        ])->save();
    }
    $first = $this->get('/products.csv')->streamedContent();
    Product::query()->where('salon_id', $this->salon->id)->delete();
    $this->post(
        '/products/import',
        ['file' => UploadedFile::fake()->createWithContent('products.csv', $first)],
    )->assertSessionHasNoErrors();
    expect($this->get('/products.csv')->streamedContent())->toBe($first);

    $record = (string) $this->get("/clients/{$this->head->id}/record.json")->baseResponse->getContent();
    $this->delete("/clients/{$this->head->id}", ['name' => $this->head->name]);
    $this->post(
        '/clients/records',
        ['record' => UploadedFile::fake()->createWithContent('a.json', $record)],
    )->assertSessionHasNoErrors();
    $again = $this->newest();
    $second = (string) $this->get("/clients/{$again->id}/record.json")->baseResponse->getContent();
    // The plan is made anew for the day it is taken in; everything else is the same, byte for byte.
    $without = fn (string $json): string => (string) json_encode(array_diff_key(
        (array) json_decode($json, true),
        ['plan' => 1],
    ));
    expect($without($second))->toBe($without($record));

    $cards = (string) $this->get('/salon/data/clients.vcf')->baseResponse->getContent();
    $this->post(
        (string) $this->post(
            '/salon/data/imports',
            ['file' => UploadedFile::fake()->createWithContent('c.vcf', $cards)],
        )->headers->get('Location'),
        ['again' => '1'],
    );
    $twice = (string) $this->get('/salon/data/clients.vcf')->baseResponse->getContent();
    // A second copy of each is another client: what names them differs, what is said of them does not.
    $said = fn (string $text): array => array_values(array_unique(
        array_filter(explode("\r\n", $text), fn (string $line): bool => ! str_starts_with($line, 'UID')),
    ));
    expect($said($twice))->toBe($said($cards))->and(Import::query()->whereNull('taken_at')->count())->toBe(0);
});
