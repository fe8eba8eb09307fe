<?php

declare(strict_types=1);

/* What a client told of their health by a tick is encrypted, yes and no alike, in the row and in the trail. */

use App\Models\Head;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

const SEALING = 'migrations/2027_01_06_000055_what_is_told_of_health_is_sealed.php';

/** @return array<string, string|null> the ticks as the database has them */
function ticksOf(Head $head): array
{
    return (array) DB::table('heads')->where('id', $head->id)->first(['tender_edges', 'asthma_or_pregnant']);
}

it('keeps a tick so that the row does not tell it', function (): void {
    $head = $this->aHead();
    $head->update(['asthma_or_pregnant' => '1', 'tender_edges' => false]);
    $ticks = ticksOf($head);
    expect(strlen((string) $ticks['asthma_or_pregnant']))->toBe(strlen((string) $ticks['tender_edges']))
        ->and($ticks['asthma_or_pregnant'])->toStartWith('eyJpdiI6')
        ->and($head->refresh()->asthma_or_pregnant)->toBeTrue()
        ->and($head->tender_edges)->toBeFalse();
    // The same once more is no change, and the row stays as it is.
    $again = Head::query()->sole()->fill(['asthma_or_pregnant' => true, 'tender_edges' => '0']);
    expect($again->isDirty())->toBeFalse()->and($again->save())->toBeTrue()->and(ticksOf($head))->toBe($ticks);
});

it('tells it in the trail to whoever may read it, and to nobody with the database alone', function (): void {
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $head->update(['asthma_or_pregnant' => true]);
    $kept = DB::table('activity_log')->where('head_id', $head->id)->pluck('properties')->implode("\n");
    expect($kept)->toContain('asthma_or_pregnant')
        ->and(preg_match('/"(asthma_or_pregnant|tender_edges)":(?!"eyJpdiI6|null)/', $kept))->toBe(0);
    $this->get("/clients/{$head->id}/trail")->assertOk()->assertSeeInOrder(['Asthma or pregnant', 'no', 'yes']);
});

it('takes what no key opens as told: these are cautions', function (): void {
    $head = $this->aHead();
    $head->update(['tender_edges' => false]);
    app()->instance('encrypter', new Encrypter(random_bytes(32), 'aes-256-cbc'));
    Crypt::clearResolvedInstances();
    expect(Head::query()->sole()->tender_edges)->toBeTrue();
});

it('seals what was told before, and opens it again on the way back', function (): void {
    $head = $this->aHead();
    $head->update(['asthma_or_pregnant' => true]);
    $migration = require database_path(SEALING);
    $told = fn (): array => array_map(
        fn (string $tick): bool => Head::query()->sole()->{$tick},
        Head::TOLD_BY_TICK,
    );
    // What the columns are made of would end the transaction of this test.
    Schema::shouldReceive('table');
    $migration->down();
    expect(ticksOf($head))->toEqual(['tender_edges' => '0', 'asthma_or_pregnant' => '1'])
        ->and(DB::table('activity_log')->where('head_id', $head->id)->pluck('properties')->implode(''))
        ->toContain('"asthma_or_pregnant":true');
    $migration->up();
    expect($told())->toBe([false, true])
        ->and(DB::table('activity_log')->where('head_id', $head->id)->pluck('properties')->implode(''))
        ->not->toContain('"asthma_or_pregnant":true');
    expect(fn () => DB::table('activity_log')->delete())->toThrow('The trail only grows.');
});
