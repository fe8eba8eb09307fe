<?php

declare(strict_types=1);

/* Now, after today's wash and planned are three things; the balance book adds up, and compares one evening. */

use App\Bridge\Plans\Outlooks;
use App\Care\Readings\StylistBiasUpdate;
use App\Drawings\HairBalance;
use App\Models\HeadSnapshot;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Models\StylistBias;
use App\Wording\ReasonLines;
use App\Wording\Said;
use Nagomi\Core\Wording\Message;
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
    $rule = fn (string $key): Message => Message::of(
        'planning.held-back.rule',
        says: Message::of("rules.{$key}.says", days: 14),
        frees: Message::of("rules.{$key}.frees"),
    );
    $held = fn (string ...$rules): Message => Message::of(
        'planning.held-back.nothing-clarifies',
        rules: Message::inARow(array_map($rule, array_values($rules))),
    );
    $usual = Message::of('planning.usual-wash');
    $items = array_map(
        fn (int $id, Message $held): PlanItem => (new PlanItem())->forceFill([
            'id' => $id, 'reasons' => [$usual, $held],
        ]),
        [1, 2, 3],
        // What else is in the way differs; what is in the way first does not.
        [$held('colour-is-fresh'), $held('colour-is-fresh', 'clarify-apart'), $held('colour-is-fresh')],
    );
    $long = 'Build-up is past its limit and nothing clarifies. What stands in the way: Fresh colour is not clarified or '
        . 'chelated for 14 days. To change that: wait the days, or clarify before the colour.';
    $short = 'Build-up is past its limit and nothing clarifies. The rest as above.';
    $each = 'The usual wash; nothing else is due.';
    expect(ReasonLines::of($items))->toBe([1 => [$each, $long], 2 => [$each, $short], 3 => [$each, $short]])
        // What is not shown was not said.
        ->and(ReasonLines::of($items, 1)[2])->toBe([$each]);
});

it('says as it is what was kept as a sentence, and what is kept as a message in the language of who reads', function (): void {
    $item = (new PlanItem())->setRawAttributes([
        'reasons' => json_encode(['Kept as a sentence.', Message::of('planning.usual-wash')]),
    ]);
    expect(Said::all($item->reasons))->toBe(['Kept as a sentence.', 'The usual wash; nothing else is due.']);
    app()->setLocale('es');
    expect(Said::all($item->reasons))->toBe(['Kept as a sentence.', 'El lavado de siempre; no toca nada más.']);
    $outlook = (new Outlook())->setRawAttributes(['verdict' => 'Dry; mask today.']);
    expect(Said::of($outlook->verdict))->toBe('Dry; mask today.');
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
