<?php

declare(strict_types=1);

/* All that is kept of a client, for whoever it is about: on paper and as a file, in their language, whole. */

use App\Models\Clearance;
use App\Models\Head;
use App\Models\OutboxMessage;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Programme;
use App\Models\Reaction;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** The part a table's rows are told in; or why they are not told as rows of their own. */
const TOLD_IN = [
    'zone_parts' => 'hair', 'bookings' => 'bookings', 'wash_days' => 'washes', 'readings' => 'results',
    'outlooks' => 'standing', 'plan_items' => 'plan', 'home_acts' => 'home', 'products' => 'products',
    'pictures' => 'pictures', 'outbox_messages' => 'messages', 'reactions' => 'reactions', 'clearances' => 'signs',
    'consents' => 'consents',
    'programmes' => 'programmes', 'styles' => 'styles',
];

const TOLD_ELSEWHERE = [
    // Worked out of the results, and in the care record where it is asked for by a program.
    'balance_days', 'plan_foretold', 'head_snapshots', 'trials', 'zones_before',
    // How the work of the salon goes: taps, drafts, times, who changed what.
    'wash_sessions', 'pace_days', 'test_drafts', 'plan_edits', 'visits', 'promises', 'waits', 'activity_log',
    // Addresses that open something; the message that brought them is told.
    'home_links', 'calendar_feeds', 'reminders',
];

/** Somebody of whom there is something of every kind. */
function knownWell(FeatureTestCase $test): Head
{
    openSalon($test);
    $head = $test->aHead();
    $head->update([
        'name' => 'Žofie <b>Őszi</b> Ó Sé', 'allergies' => 'wool wax & nuts', 'health_notes' => 'asks for quiet',
        'phone' => '+351 912 345 678', 'asthma_or_pregnant' => true, 'goals' => 'length',
    ]);
    $test->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $of = ['salon_id' => $head->salon_id, 'head_id' => $head->id];
    (new Product())->forceFill($of + [
        'name' => 'Sea oil', 'kind' => 'mask', 'ingredients' => '', 'reading' => [], 'claims' => [],
    ])->save();
    (new Reaction())->forceFill($of + [
        'on' => '2027-01-05', 'what' => 'itched', 'by' => 'Ilse', 'ingredient' => 'x',
    ])->save();
    (new Clearance())->forceFill($of + [
        'sign' => 'red', 'raised_on' => '2027-01-06', 'seen' => 'weeping skin', 'raised_by' => 'Wren',
    ])->save();
    (new OutboxMessage())->forceFill($of + [
        'channel' => 'mail', 'to' => 'z@home.example', 'subject' => 'Your time', 'body' => 'on Sunday',
        'fate' => 'delivered',
        'handed_at' => '2027-01-07 10:00:00',
    ])->save();
    (new Picture())->forceFill($of + [
        'taken_on' => '2027-01-08', 'kind' => 'before', 'consent_by' => 'Žofie', 'consent_on' => '2027-01-08',
        'by' => 'Ilse', 'width' => 1, 'height' => 1,
    ])->save();
    (new Programme())->forceFill($of + [
        'kind' => 'weekly-mask', 'sign' => 'dryness', 'began_on' => '2027-01-02', 'weeks' => 4, 'by' => 'Ilse',
    ])->save();
    DB::table('styles')->insert($of + [
        'made_on' => '2027-01-08', 'styling' => 'twists', 'stays_days' => 7, 'looks' => '[]', 'log' => '[]',
    ]);
    DB::table('home_acts')->insert($of + [
        'date' => '2027-01-08', 'kind' => 'wash-day', 'key' => 'k', 'says' => 'a wash day',
        'came_at' => '2027-01-08 10:00:00',
    ]);

    return $head->refresh();
}

it('tells all there is in words, as a file', function (): void {
    $head = knownWell($this);
    $answer = $this->get("/clients/{$head->id}/history.json")->assertOk();
    $answer->assertHeader('Content-Type', 'application/json');
    $told = json_decode((string) $answer->getContent(), true, flags: JSON_THROW_ON_ERROR);
    expect($told['name'])->toBe($head->name)->and($told['format'])->toBe('nagomi-history');
    $parts = array_column($told['parts'], null, 'part');
    $missing = array_diff(array_values(TOLD_IN), array_keys($parts));
    // Nothing of it was worked out or planned here.
    expect(array_values(array_diff($missing, ['standing', 'plan'])))->toBe([]);
    foreach ($parts as $part) {
        foreach ($part['rows'] as $row) {
            expect($part['columns'] === [] || count($row) === count($part['columns']))->toBeTrue($part['part'])
                ->and(implode(' ', $row))->not->toMatch('/Nagomi\.|whole-history\.|intake\.|trail\./');
        }
    }
    expect((string) json_encode($told, JSON_UNESCAPED_UNICODE))->toContain(
        'wool wax & nuts',
        'asks for quiet',
        '+351 912 345 678',
        'Dry cut',
        'itched',
        'weeping skin',
        'on Sunday',
        'Sea oil',
    );
    expect($parts['health']['rows'])->toContain(['Asthma or pregnant', 'yes'], ['Tender edges', 'no']);
    expect(count($parts['results']['rows']))->toBeGreaterThan(0)
        ->and(DB::table('activity_log')->where('description', 'like', 'everything exported%')->count())->toBe(1);
});

it('leaves out no table that holds something of a client', function (): void {
    $tables = DB::table('information_schema.COLUMNS')
        ->where('TABLE_SCHEMA', DB::getDatabaseName())
        ->where('COLUMN_NAME', 'head_id')
        ->pluck('TABLE_NAME')
        ->all();
    sort($tables);
    $known = [...array_keys(TOLD_IN), ...TOLD_ELSEWHERE];
    sort($known);
    expect($tables)->toBe($known);
});

it('prints the same on paper, whatever letters there are', function (): void {
    $head = knownWell($this);
    $pdf = (string) $this
        ->get("/clients/{$head->id}/history.pdf")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf')
        ->assertHeader('Content-Disposition', 'attachment; filename="zofie-boszib-o-se-history.pdf"')
        ->getContent();
    expect($pdf)->toStartWith('%PDF-')->and(preg_match_all('#/Type /Page\b[^s]#', $pdf))->toBeGreaterThan(1);
    preg_match_all('#/BaseFont /(?:[A-Z]{6}\+)?([\w-]+)#', $pdf, $found);
    expect(array_values(array_unique($found[1])))->each->toContain('DejaVu');
    // What somebody is called is text, and no mark.
    expect((string) view('history.whole', [
        'head' => $head, 'salonName' => '', 'day' => '', 'parts' => [], 'letters' => '', 'headings' => '',
    ])->render())->toContain('&lt;b&gt;');
});

it('speaks the client’s own language, and lies in the parcel as well', function (): void {
    $head = knownWell($this);
    Storage::fake('local');
    $head->update(['language' => 'es']);
    $told = json_decode((string) $this->get("/clients/{$head->id}/history.json")->getContent(), true);
    expect($told['language'])->toBe('es')
        ->and(array_column($told['parts'], 'title'))->toContain('Citas', 'Salud, según lo contado');
    $this->get('/today')->assertSee('Today')->assertDontSee('Citas');
    $parcel = $this->get("/clients/{$head->id}/parcel.zip")->assertOk();
    $zip = new ZipArchive();
    $zip->open($parcel->getFile()->getPathname());
    expect((string) $zip->getFromName('history.pdf'))->toStartWith('%PDF-')
        ->and(json_decode((string) $zip->getFromName('history.json'), true)['name'])->toBe($head->name);
});
