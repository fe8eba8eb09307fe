<?php

declare(strict_types=1);

/* The heads of the demo say the same everywhere as well: months of visits, two stylists, bottles, read scalps. */

use App\Models\Head;
use App\Models\Salon;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Tests\Strangers\OutsideFigures;
use Tests\Strangers\SameNumbers;
use Tests\Strangers\Sentences;

it('says the same of every head of the demo wherever it says it', function (): void {
    app('auth')->forgetGuards();
    // Where the demo is there already, it is looked at as it stands, on its own day.
    if (Salon::query()->count() > 1) {
        $this->travelBack();
    } else {
        $this->seed(DatabaseSeeder::class);
    }
    $heads = Head::query()->withoutGlobalScopes()->where('salon_id', '!=', $this->salon->id)->get();
    expect($heads->count())->toBeGreaterThanOrEqual(12);
    $same = new SameNumbers($this);
    $sentences = new Sentences($this);
    $outside = new OutsideFigures($this);
    [$kinds, $figures] = [[], 0];
    foreach ($heads->groupBy('salon_id') as $salonId => $ofSalon) {
        $this->actingAs(User::query()->where('salon_id', $salonId)->firstOrFail());
        foreach ($ofSalon as $head) {
            $same->everywhere($head);
            $sentences->everywhere($head);
        }
        $dump = $outside->of(Salon::query()->findOrFail($salonId));
        $told = $outside->compared($dump);
        expect($told['wrong'])->toBe([]);
        $kinds += $told['kinds'];
        $figures += $told['figures'];
        // A figure a little off is found, or nothing of the above says anything.
        $dump['rows']['heads'][0]['shown']['signs'][0]['value'] += 0.2;
        expect($outside->compared($dump)['wrong'])->toHaveCount(1);
    }
    expect(count($kinds))->toBeGreaterThanOrEqual(120)->and($figures)->toBeGreaterThan(5000);
});
