<?php

declare(strict_types=1);

/* How long detangling and drying take: learned from what was really done, and told alike on every screen. */

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Scheduling\ServiceQuotes;
use App\Bridge\WashDays\WashSessionPlanner;
use App\Care\DataTransfer\RecordTransfer;
use App\Care\WashDays\WornStyles;
use App\Models\Booking;
use App\Models\Head;
use App\Models\PaceDay;
use App\Models\PlanItem;
use App\Models\Service;
use App\Models\WashSession;
use App\Models\WorkingHours;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\EngineAnswer;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\WashDay\DetanglingDay;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\Wording\Sentences;
use Opis\JsonSchema\Validator;

require_once __DIR__ . '/LaidOutDays.php';

/** A wash day that is run, each step in its minutes, but drying in so many times what was planned. */
function driedIn(object $test, Head $head, string $by, float $times): WashSession
{
    $test->actingAs($test->stylist)->post("/clients/{$head->id}/wash", ['drying' => $by]);
    $day = WashSession::running($head);
    [$minute, $acts] = [0.0, []];
    foreach (dayOf($day)->steps() as $step) {
        $isDrying = $step['kind'] === 'dry';
        $minute += max(1.0, $step['hands_on_minutes']) * ($isDrying && $step['waiting_minutes'] <= 0 ? $times : 1);
        $acts[] = composedAct('done', $step['key'], [], $minute);
        $minute += $step['waiting_minutes'] * ($isDrying ? $times : 1);
    }
    $test->travelTo(CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addMinutes((int) $minute + 2));
    sentTo($test, $day, ...$acts);
    $test->post("/clients/{$head->id}/wash/{$day->id}/finish")->assertSessionMissing('doubtful');
    expect($day->refresh()->finished_at)->not->toBeNull();

    return $day;
}

function paceOf(Head $head): Pace
{
    $record = app(HeadRecord::class);

    return $record->pace($head, $record->core($head), Calendar::dayOf($head->salon->today()));
}

it('learns how long this hair dries under the hood from a wash day that was run', function (): void {
    $head = $this->aHead();
    $usual = paceOf($head)->drying;
    driedIn($this, $head, 'hood', 1.5);
    $dried = PaceDay::query()->sole();
    expect($dried->what)->toBe(PaceDay::DRIED)->and($dried->by)->toBe('hood')->and($dried->heavy)->toBeFalse()
        ->and($dried->minutes)->toEqualWithDelta(1.5 * $usual->minutes('hood'), 1.0)
        ->and($dried->date->format('Y-m-d'))->toBe('2027-01-09');
    $learned = paceOf($head->refresh())->drying;
    expect($learned->minutes('hood'))->toBeGreaterThan($usual->minutes('hood'))->toBeLessThan($dried->minutes)
        ->and($learned->minutes('air'))->toBeGreaterThan($usual->minutes('air'));
    $this->get("/clients/{$head->id}/wash")
        ->assertOk()
        ->assertSee('Dries under the hood in about')
        ->assertSee('from one drying that was timed and the usual');
    $session = app(WashSessionPlanner::class)->of($head, null, DryingMethod::Hood);
    $dry = array_values(array_filter($session['steps'], fn (array $step): bool => $step['kind'] === 'dry'))[0];
    expect($dry['waiting_minutes'])->toEqualWithDelta($learned->minutes('hood'), 0.1);
});

it('learns from hands that held a diffuser, and not from minutes nobody can have taken', function (): void {
    $head = $this->aHead();
    driedIn($this, $head, 'diffuse', 1.4);
    $dried = PaceDay::query()->sole();
    expect($dried->by)->toBe('diffuse')->and($dried->minutes)->toBeGreaterThan(25.0)->toBeLessThan(60.0);
    $other = $this->aHead('growing-out-bleach');
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:00', 'UTC'));
    driedIn($this, $other, 'hood', 6.0);
    expect(PaceDay::query()->where('head_id', $other->id)->exists())->toBeFalse();
});

it('gives what was timed and what came down out with the record, and takes it in', function (): void {
    $head = $this->aHead();
    app(WornStyles::class)->begin($head, StylingMethod::Braids, Calendar::day('2026-12-20'));
    $draft = laidOut($this, $head);
    sentTo($this, $draft, composedAct('add', 'take-1', ['of' => 'take-down', 'after' => 'ready']));
    doneThrough($this, $draft);
    $json = app(RecordTransfer::class)->export($head->refresh());
    $told = json_decode($json, true);
    expect($told['pace']['taken_down'])->toBe(['2027-01-09'])
        ->and($told['pace']['dried'][0])->toMatchArray(['date' => '2027-01-09', 'by' => 'diffuse', 'heavy' => false]);
    $schema = json_decode((string) file_get_contents(base_path('docs/care-record.schema.json')));
    expect((new Validator())->validate(json_decode($json), $schema)->isValid())->toBeTrue();
    [$elsewhere] = $this->salonWithStylist('else@test.example');
    $record = CareRecordReader::read($json, Parameters::shipped());
    $taken = app(RecordImporter::class)->record($record, $elsewhere);
    expect(PaceDay::query()->withoutGlobalScope('salon')->where('salon_id', $elsewhere->id)->count())->toBe(2);
    $day = new DetanglingDay(isTakenDown: true);
    $this->actingAs($this->stylist);
    [$here, $there] = [paceOf($head), paceOf($taken)];
    expect($there->detangling->minutes($day) / $there->detangling->minutes(new DetanglingDay()))
        ->toEqualWithDelta($here->detangling->minutes($day) / $here->detangling->minutes(new DetanglingDay()), 1e-6)
        ->and($there->drying->minutes('hood'))->toEqualWithDelta($here->drying->minutes('hood'), 0.05);
});

it('says what is wrong with a pace that cannot be', function (array $pace, string $says): void {
    $record = json_decode($this->example(), true);
    expect(fn () => CareRecordReader::read(json_encode(['pace' => $pace] + $record), Parameters::shipped()))
        ->toRefuse(InvalidRecord::class, $says);
})->with([
    [['dried' => [['date' => '2027-01-01', 'by' => 'sun', 'minutes' => 30]]], 'choose one of air, fan'],
    [['dried' => [['date' => '2027-01-01', 'by' => 'air', 'minutes' => 0]]], 'minutes'],
    [['dried' => [['date' => '2027-02-30', 'by' => 'air', 'minutes' => 30]]], 'give a day that exists'],
    [['taken_down' => ['yesterday']], 'give a day that exists'],
]);

it('reckons with the same minutes on plan, wash day, booking and in the record, also long overdue', function (): void {
    $head = $this->aHead();
    foreach ([0, 3, 17] as $days) {
        $this->travelTo(CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addDays($days));
        app(Outlooks::class)->of($head->refresh());
        /** @var PlanItem $item */
        $item = $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail();
        $washed = app(WashSessionPlanner::class)->of($head, null, DryingMethod::LeavesDamp);
        $booked = app(WashSessionPlanner::class)->planned($head, $item->date);
        expect($washed['care_minutes'])->toEqualWithDelta($item->minutes, 0.06, "{$days} days on")
            ->and($booked->careMinutes())->toEqualWithDelta($item->minutes, 0.06);
        $record = CareRecordReader::read(app(RecordTransfer::class)->export($head), Parameters::shipped());
        $answer = new EngineAnswer(
            $record,
            Calendar::dayOf($head->salon->today()),
            app(Sentences::class),
            Outlooks::WEEKS_AHEAD,
        );
        expect(array_map(fn (array $one): float => round($one['minutes'], 1), $answer->plan()['items']))
            ->toBe($head->planItems()->where('status', 'planned')->orderBy('date')->pluck('minutes')
                ->map(fn ($minutes): float => round((float) $minutes, 1))->all());
    }
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/wash")->assertSee('the days since the last one +');
});

it('takes longer by fingers and says so', function (): void {
    $head = $this->aHead();
    $minutes = fn (): float => app(WashSessionPlanner::class)->of($head->refresh(), null)['care_minutes'];
    $comb = $minutes();
    $head->update(['method' => ['tools' => 'fingers'] + $head->method]);
    app(Outlooks::class)->of($head->refresh());
    expect($minutes())->toBeGreaterThan($comb);
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/wash")->assertSee('fingers alone +20 %');
});

it('leans on the salon’s other heads, and on no other salon’s', function (): void {
    $head = $this->aHead();
    $head->update(['length_mm' => 300, 'density' => 'medium']);
    $asPlanned = fn (): float => paceOf($head->refresh())->detangling->minutes(new DetanglingDay());
    $level = function () use ($head, $asPlanned): float {
        app(Outlooks::class)->of($head->refresh());

        return $asPlanned();
    };
    $before = $level();
    $other = $this->aNewHead('growing-out-bleach');
    $other->update(['length_mm' => 310, 'density' => 'medium']);
    DB::table('wash_steps')
        ->whereIn('wash_day_id', $other->washDays()->pluck('id'))
        ->where('kind', 'detangle')
        ->update(['minutes' => 15 * $other->sections, 'tool' => 'comb', 'how' => 'wet-with-slip']);
    // What the others take is kept with what is worked out of each.
    $outlook = app(Outlooks::class)->of($other->refresh());
    // All of its days were pre-washed, which saves a tenth in the trade; fingers take a fifth longer.
    expect($outlook->detangling_minutes)->toEqualWithDelta(15.0 / 0.9, 1e-9)
        ->and($outlook->detangling_times)->toBeGreaterThan(3)
        ->toBeLessThanOrEqual($other->washDays()->count());
    DB::table('wash_steps')
        ->whereIn('wash_day_id', $other->washDays()->pluck('id'))
        ->where('kind', 'detangle')
        ->update(['tool' => 'fingers']);
    expect(app(Outlooks::class)->of($other->refresh())->detangling_minutes)->toEqualWithDelta(15.0 / 0.9 / 1.2, 1e-9);
    // Plan, wash and record of a client say one thing until the client is next worked out.
    expect($asPlanned())->toEqualWithDelta($before, 1e-9);
    $slower = $level();
    expect($slower)->toBeGreaterThan($before);
    $other->update(['length_mm' => 1200]);
    expect($level())->toBeLessThan($slower);
    [$elsewhere] = $this->salonWithStylist('else@test.example');
    $other->forceFill(['length_mm' => 310])->save();
    DB::table('outlooks')
        ->where('head_id', $other->id)
        ->update(['salon_id' => $elsewhere->id]);
    expect($level())->toEqualWithDelta($before, 1e-9);
});

it('tells hands, what goes on by itself and drying apart, alike on plan, wash day, booking and Today', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    /** @var PlanItem $item */
    $item = $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail();
    [$care, $hands] = [(int) round($item->minutes), (int) round($item->parts['hands'])];
    $free = $care - $hands;
    $drying = (int) ceil(round($item->minutes + $item->parts['drying'], 1)) - $care;
    expect($item->parts['care'])->toBe(round($item->minutes, 1))->and($free)->toBeGreaterThan(0)
        ->and($drying)->toBeGreaterThan(0);
    $says = "hands {$hands}, free {$free}, then {$drying} to dry with the diffuser";
    $this->get("/clients/{$head->id}/plan")->assertOk()->assertSee($says);
    $this->get("/clients/{$head->id}/wash")->assertOk()->assertSee("hands on for {$hands}, free for {$free}");
    $service = new Service(['name' => 'Wash', 'is_wash_day' => true, 'minutes' => 60, 'price_cents' => 5000]);
    $service->salon_id = $this->salon->id;
    $service->save();
    $quote = app(ServiceQuotes::class)->of($head, $service, $item->date);
    expect($quote->parts)->toEqual($item->parts)->and($quote->minutes)->toBe($care + $drying);
    $this->get('/bookings/new?' . http_build_query([
        'head' => $head->id, 'service' => $service->id, 'date' => $item->date->format('Y-m-d'),
    ]))->assertOk()->assertSee(ucfirst($says));
    foreach (range(1, 7) as $weekday) {
        WorkingHours::query()->create([
            'salon_id' => $this->salon->id, 'user_id' => $this->stylist->id, 'weekday' => $weekday,
            'from_minute' => 540, 'until_minute' => 1080,
        ]);
    }
    $this->post('/bookings', [
        'head' => $head->id, 'service' => $service->id, 'stylist' => $this->stylist->id,
        'date' => $item->date->format('Y-m-d'), 'time' => '10:00',
    ])->assertSessionHasNoErrors();
    $booking = Booking::query()->sole();
    $this->get("/bookings/{$booking->id}")->assertOk()->assertSee("{$booking->minutes} minutes ({$says})");
    $this->get('/today?date=' . $item->date->format('Y-m-d'))->assertOk()->assertSee("{$booking->minutes} min: {$says}");
});
