<?php

declare(strict_types=1);

/* The heads of the demo say the same everywhere as well: months of visits, two stylists, bottles, read scalps. */

use App\Models\Head;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Tests\Strangers\SameNumbers;

/** Where several processes share the work, one of them looks. */
function isOfThisPart(): bool
{
    return (int) explode('/', getenv('NAGOMI_PART') ?: '0/1')[0] === 0;
}

it('says the same of every head of the demo wherever it says it', function (): void {
    app('auth')->forgetGuards();
    $this->seed(DatabaseSeeder::class);
    $heads = Head::query()->withoutGlobalScopes()->where('salon_id', '!=', $this->salon->id)->get();
    expect($heads->count())->toBeGreaterThanOrEqual(12);
    $same = new SameNumbers($this);
    foreach ($heads->groupBy('salon_id') as $salonId => $ofSalon) {
        $this->actingAs(User::query()->where('salon_id', $salonId)->firstOrFail());
        foreach ($ofSalon as $head) {
            $same->everywhere($head);
        }
    }
})->skip(fn (): bool => ! isOfThisPart(), 'another part of the strangers looks at them');
