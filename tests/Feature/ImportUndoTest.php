<?php

declare(strict_types=1);

/* What an import brought can be taken out again for a day, and nothing beside it. */

use App\Models\Booking;
use App\Models\Head;
use App\Models\Import;
use App\Models\TrailEntry;
use App\Models\WashDay;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/ImportedTables.php';
require_once __DIR__ . '/OpenSalon.php';

/** @return array<string, int> rows of every table that holds something of the salon */
function rowsOf(FeatureTestCase $test): array
{
    $rows = [];
    foreach (['heads', 'bookings', 'wash_days', 'wash_steps', 'zone_parts', 'readings', 'products'] as $table) {
        $rows[$table] = DB::table($table)->count();
    }

    return $rows;
}

function aTakenImport(FeatureTestCase $test): Import
{
    $import = looked($test, "Name,Date,Time,Service,Staff,Email\n"
        . "Mara Quint,2027-01-11,10:00,Dry cut,Ilse,mara@home.example\nTove Lind,2027-01-12,10:00,Wash day,Ilse,\n"
        . "Known One,2027-01-13,10:00,Dry cut,Ilse,\n");
    take($test, $import);

    return $import->refresh();
}

it('takes out all that came with an import, and leaves who was here', function (): void {
    openSalon($this);
    $known = $this->aHead();
    $known->update(['name' => 'Known One']);
    $before = rowsOf($this);
    $import = aTakenImport($this);
    expect(rowsOf($this)['heads'])->toBe($before['heads'] + 2)
        ->and($import->found)->toBe([])->and($import->tables)->toBeNull()->and($import->reading)->toBeNull();
    $this->get("/salon/data/imports/{$import->id}")->assertOk()->assertSee('Undo this import')
        ->assertSee('Until Sun 10 Jan, 10:00');
    $this->get('/salon/data')->assertSee('imported, can be undone');
    $this->delete("/salon/data/imports/{$import->id}/taken")->assertRedirect('/salon/data')
        ->assertSessionHas('said', 'Taken out again: 2 clients, 3 bookings.');
    expect(rowsOf($this))->toBe($before)->and($known->fresh())->not->toBeNull()
        ->and(TrailEntry::query()->where('description', 'import-undone')->count())->toBe(1)
        ->and(DB::table('activity_log')->where('properties', 'like', '%Mara%')->count())->toBe(0);
    $this->delete("/salon/data/imports/{$import->id}/taken")->assertNotFound();
    // What came is free to come again.
    expect(keptOut(looked($this, "Name,Date,Time,Service,Staff\nMara,2027-01-11,10:00,Dry cut,Ilse\n")))->toBe([]);
});

it('leaves what somebody has worked with since, and says whose it is', function (Closure $work, string $says): void {
    openSalon($this);
    $import = aTakenImport($this);
    $work($this, Head::query()->where('name', 'Mara Quint')->sole());
    $this->delete("/salon/data/imports/{$import->id}/taken")->assertSessionHas('said', $says);
})->with([
    'another number' => [
        fn (FeatureTestCase $test, Head $head): bool => $head->update(['phone' => '912']),
        'Taken out again: 2 clients, 3 bookings. Someone has worked with these since, and they stay: Mara Quint.',
    ],
    'another porosity' => [
        fn (FeatureTestCase $test, Head $head) => $head->zoneParts()->firstOrFail()->update(['porosity' => 'high']),
        'Taken out again: 2 clients, 3 bookings. Someone has worked with these since, and they stay: Mara Quint.',
    ],
    'a booking that was cancelled' => [
        fn (FeatureTestCase $test, Head $head) => Booking::query()->where('head_id', $head->id)->sole()
            ->update(['status' => 'cancelled']),
        'Taken out again: 2 clients, 2 bookings. Someone has worked with these since, and they stay: Mara Quint. '
            . 'One booking or wash day stays, which was changed since.',
    ],
    'a second booking' => [
        fn (FeatureTestCase $test, Head $head) => $test->post(
            '/bookings',
            bookingForm($head, 'Dry cut', '15:00'),
        )->assertSessionHasNoErrors(),
        'Taken out again: 2 clients, 3 bookings. Someone has worked with these since, and they stay: Mara Quint.',
    ],
]);

it('undoes for a day, its own salon’s alone, and then forgets', function (): void {
    openSalon($this);
    $import = aTakenImport($this);
    $waits = looked($this, "Name\nVesla Ortiz\n");
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->delete("/salon/data/imports/{$import->id}/taken")->assertNotFound();
    $this->put("/salon/data/imports/{$waits->id}", ['subject' => 'clients'])->assertNotFound();
    $this->actingAs($this->stylist);
    $this->travel(25)->hours();
    $this->get("/salon/data/imports/{$import->id}")->assertOk()->assertDontSee('Undo this import');
    $this->delete("/salon/data/imports/{$import->id}/taken")
        ->assertSessionHas('said', 'An import can be undone for a day; this one is older.');
    expect(Head::query()->where('name', 'Mara Quint')->exists())->toBeTrue();
    $this->artisan('model:prune', ['--model' => [Import::class]])->assertSuccessful();
    expect(Import::query()->count())->toBe(0);
});

it('takes past wash days out of a history that goes on', function (): void {
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $head->update(['name' => 'Known One']);
    $then = json_encode($head->outlook->cells);
    $days = $head->washDays()->count();
    $import = looked($this, "Name,Date,Treatment\nKnown One,2026-12-30,Strong protein\nKnown One,2026-12-29,Clarify\n");
    take($this, $import)->assertSessionHas('said', 'Imported: 2 past wash days.');
    expect(json_encode($head->outlook()->first()->cells))->not->toBe($then);
    $this->delete("/salon/data/imports/{$import->id}/taken")
        ->assertSessionHas('said', 'Taken out again: 2 past wash days.');
    $this->get("/clients/{$head->id}")->assertOk();
    expect(WashDay::query()->where('head_id', $head->id)->count())->toBe($days)
        ->and(json_encode($head->outlook()->first()->cells))->toBe($then);
});

it('keeps nothing of a client who is deleted after an import, and undoes the rest', function (): void {
    openSalon($this);
    $import = aTakenImport($this);
    looked($this, "Name\nMara Quint\n");
    $head = Head::query()->where('name', 'Mara Quint')->sole();
    $this->delete("/clients/{$head->id}", ['name' => 'Mara Quint'])->assertSessionHasNoErrors();
    expect(Import::query()->sole()->id)->toBe($import->id)
        ->and(DB::table('imports')->where('made', 'like', "%{$head->id}%")->count())->toBe(0);
    $this->delete("/salon/data/imports/{$import->id}/taken")
        ->assertSessionHas('said', 'Taken out again: 2 clients, 2 bookings.');
});

it('adds what is missing to who is here, where it is asked to, and takes that out again', function (): void {
    $this->actingAs($this->stylist);
    $known = $this->aNewHead();
    $known->forceFill(['name' => 'Known One', 'phone' => '912', 'email' => null, 'born_on' => null])->save();
    $table = "Name,Phone,Email,Birthday\nKnown One,912,known@home.example,1994-02-28\n";
    $import = looked($this, $table);
    $this->get("/salon/data/imports/{$import->id}")->assertSee('Here already; adds Email, Date of birth.')
        ->assertSee('Add what is missing to the one that is here already');
    $this->post("/salon/data/imports/{$import->id}")->assertSessionHas('said', 'Nothing was imported.');
    expect($known->refresh()->email)->toBeNull();
    $import = looked($this, $table);
    $this->post("/salon/data/imports/{$import->id}", ['fills' => '1'])
        ->assertSessionHas('said', 'Imported: 2 details added.');
    expect($known->refresh()->email)->toBe('known@home.example')
        ->and($known->born_on->format('Y-m-d'))->toBe('1994-02-28')
        ->and((string) DB::table('imports')->where('id', $import->id)->value('made'))->not->toContain('known@');
    $this->get("/clients/{$known->id}/trail")->assertSee('known@home.example');
    // What somebody has changed since is theirs.
    $known->update(['email' => 'other@home.example']);
    $this->delete("/salon/data/imports/{$import->id}/taken")
        ->assertSessionHas('said', 'Taken out again: one detail added.');
    expect($known->refresh()->email)->toBe('other@home.example')->and($known->born_on)->toBeNull();
    // The same by cards.
    $card = "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Known One\r\nBDAY:19940228\r\nEND:VCARD\r\n";
    $import = looked($this, $card, 'a.vcf');
    $this->post("/salon/data/imports/{$import->id}", ['fills' => '1'])
        ->assertSessionHas('said', 'Imported: one detail added.');
    expect($known->refresh()->born_on?->format('Y-m-d'))->toBe('1994-02-28');
});
