<?php

declare(strict_types=1);

/* Now, after today's wash and planned are three things; the balance book adds up, and compares one evening. */

use App\Bridge\Plans\Outlooks;
use App\Care\Readings\StylistBiasUpdate;
use App\Drawings\HairBalance;
use App\Models\HeadSnapshot;
use App\Models\PlanItem;
use App\Models\StylistBias;
use App\Wording\ReasonLines;
use Tests\Strangers\SameNumbers;

beforeEach(fn () => $this->actingAs($this->stylist));

it('draws now apart from what today comes to after its wash and from what is planned', function (): void {
    $head = $this->aNewHead();
    $outlook = app(Outlooks::class)->current($head);
    $washes = $head->planItems()->where('status', 'planned')->whereDate('date', '2027-01-09')->exists();
    $balance = HairBalance::of($outlook->hair_balance, 15.0);
    $now = $outlook->standing[0]['moisture'][0];
    $stored = $outlook->hair_balance['strata'][0];
    expect($stored['days'][count($stored['days']) - 1][0])->toBe($now)
        ->and($stored['ahead'])->toHaveCount(7 * Outlooks::WEEKS_AHEAD + 1)
        ->and($balance->washesToday)->toBe($washes)
        ->and($balance->strata[0]['moisture']['now'])->not->toBeNull();
    // Rests and washes: what is planned of today differs from now where the hair is washed today, and only there.
    $after = $outlook->hair_balance['strata'][0]['ahead'][0][0];
    expect($after === $now)->toBe(! $washes);
    $page = $this->get("/clients/{$head->id}")->assertOk()->assertSee('Now: ')->assertSee('Planned: ');
    $washes ? $page->assertSee('After today&#039;s wash', false) : $page->assertDontSee('After today');
});

it('says after today’s wash only where the hair is washed today', function (bool $washed): void {
    $head = $this->aNewHead();
    if ($washed) {
        $this->post("/clients/{$head->id}/wash-days", [
            'date' => '2027-01-09', 'place' => 'salon', 'cleanse' => 'gentle', 'conditioning' => 'conditioner',
            'conditioning_minutes' => 3, 'detangling' => 'wet-with-slip', 'tool' => 'comb', 'detangle_minutes' => 12,
        ])->assertSessionHasNoErrors();
    }
    $item = $head->planItems()->where('status', 'planned')->firstOrFail();
    $this->travelTo($item->date->setTime(10, 0));
    $washed ?: expect($head->salon->today()->format('Y-m-d'))->toBe($item->date->format('Y-m-d'));
    $outlook = app(Outlooks::class)->current($head->refresh());
    $isPlanned = $head->planItems()
        ->where('status', 'planned')
        ->whereDate('date', $head->salon->today()->format('Y-m-d'))
        ->exists();
    expect(HairBalance::of($outlook->hair_balance, 15.0)->washesToday)->toBe($isPlanned);
    (new SameNumbers($this))->everywhere($head);
})->with([false, true]);

it('says once what holds back several wash days in a row', function (): void {
    $held = 'Build-up is past its limit and nothing clarifies. What stands in the way: Colour is fresh. To change that: wait.';
    $items = array_map(
        fn (int $id): PlanItem => (new PlanItem())->forceFill([
            'id' => $id, 'reasons' => ['The usual cleanse.', $held],
        ]),
        [1, 2, 3],
    );
    $short = 'Build-up is past its limit and nothing clarifies. The rest is as said above.';
    expect(ReasonLines::of($items))->toBe([
        1 => ['The usual cleanse.', $held], 2 => ['The usual cleanse.', $short], 3 => ['The usual cleanse.', $short],
    ])
        // What is not shown was not said.
        ->and(ReasonLines::of($items, 1)[2])->toBe(['The usual cleanse.']);
});

it('keeps every line of the book, also of days on which nothing happened', function (): void {
    $head = $this->aNewHead();
    // Nobody tells anything for three quarters of a year: what time took before the silence is a line of its own.
    $this->travelTo(new DateTimeImmutable('2027-10-09 10:00', new DateTimeZone('UTC')));
    $this->post("/clients/{$head->id}/wash-days", [
        'date' => '2027-10-05', 'place' => 'salon', 'cleanse' => 'gentle', 'conditioning' => 'conditioner',
        'conditioning_minutes' => 3, 'detangling' => 'wet-with-slip', 'tool' => 'comb', 'detangle_minutes' => 12,
    ])->assertSessionHasNoErrors();
    $kinds = HeadSnapshot::query()->where('head_id', $head->id)->where('date', '2027-10-05')->sole()->ledger;
    expect(array_column($kinds, 'kind'))->toContain('time')->toContain('untold');
    (new SameNumbers($this))->everywhere($head->refresh());
});

it('opens the book in the evening it names, and compares that evening', function (): void {
    $head = $this->aNewHead();
    $outlook = app(Outlooks::class)->current($head);
    $since = $head->salon->today()->subWeeks(4)->format('Y-m-d');
    $before = HeadSnapshot::query()->where('head_id', $head->id)->where('date', '<', $since)->max('date');
    $opened = Carbon\CarbonImmutable::parse((string) $before);
    $page = $this->get("/clients/{$head->id}/history/ledger?weeks=4")->assertOk()
        ->assertSeeInOrder([$opened->format('j M'), 'Start, that evening']);
    $balance = $outlook->hair_balance;
    $day = $balance['strata'][0]['days'][(int) Carbon\CarbonImmutable::parse($balance['from'])->diffInDays($opened)];
    $page->assertSeeInOrder(['That same evening, revised since', number_format($day[0], 1)]);
});

it('follows the heads a stylist read anew when it is known better how that stylist reads', function (): void {
    $read = $this->aNewHead();
    $other = $this->aNewHead('mixed-porosity', $this->salonWithStylist('o@test.example')[0]);
    $by = (string) $read->readings()->whereNot('by', '')->value('by');
    StylistBias::query()->where('salon_id', $this->salon->id)->delete();
    StylistBias::query()->insert([
        'salon_id' => $this->salon->id, 'by' => $by, 'sign' => 'dryness', 'mean' => 2.0, 'sd' => 0.1,
    ]);
    app(StylistBiasUpdate::class)->renew($this->salon);
    expect($read->refresh()->outlook_due_from?->format('Y-m-d'))->toBe(Outlooks::FROM_THE_START)
        ->and($other->refresh()->outlook_due_from)->toBeNull();
    (new SameNumbers($this))->everywhere($read);
    expect($read->refresh()->outlook_due_from)->toBeNull();
    // Looked at again with nothing new to say, nobody is worked out anew.
    $said = StylistBias::query()->where('salon_id', $this->salon->id)->pluck('mean')->all();
    app(StylistBiasUpdate::class)->renew($this->salon);
    $again = StylistBias::query()->where('salon_id', $this->salon->id)->pluck('mean')->all();
    expect($read->refresh()->outlook_due_from === null)->toBe($said === $again);
});
