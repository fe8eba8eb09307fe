<?php

declare(strict_types=1);

/* Clients who stopped coming are forgotten by themselves where a salon wishes so, told a month before. */

use App\Care\Clients\UnseenClients;
use App\Care\DataTransfer\Forgetting;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Deletion;
use App\Models\Head;
use App\Models\HomeAct;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;

/** Somebody whose last trace is so many years and days old. */
function lastHeard(FeatureTestCase $test, string $name, int $years, int $days = 0): Head
{
    $head = app(UnseenClients::class)->take($test->salon, ['name' => $name, 'phone' => null]);
    $then = now()->subYears($years)->subDays($days);
    DB::table('heads')->where('id', $head->id)->update(['created_at' => $then, 'updated_at' => $then]);

    return $head->refresh();
}

function night(): void
{
    test()->artisan('nagomi:forget')->assertSuccessful();
}

it('forgets nobody by itself until the salon says after how many years', function (): void {
    lastHeard($this, 'Vesla', 12);
    night();
    $this->travel(40)->days();
    night();
    expect(Head::query()->count())->toBe(1)->and(Head::query()->sole()->forget_on)->toBeNull();
    $this->actingAs($this->stylist)->get('/today')->assertDontSee('stopped coming');
});

it('names who is to go for a month, on the first page of the day as well, and then deletes them with proof', function (): void {
    $this->actingAs($this->stylist);
    $old = lastHeard($this, 'Vesla', 3, 1);
    $recent = lastHeard($this, 'Solvei', 2, 364);
    $this->put('/salon/data/forget', ['forget_after_years' => '3'])->assertSessionHasNoErrors();
    $this->get('/salon/data')->assertOk()->assertSeeInOrder(['To be deleted', 'Vesla', 'on 8 Feb 2027'])
        ->assertDontSee('Solvei');
    $this->get('/today')->assertSee('A client who stopped coming is deleted from 8 Feb on.');
    $this->travel(29)->days();
    night();
    expect(Head::query()->find($old->id))->not->toBeNull();
    // By then the other's three years are over as well; that month begins now.
    expect(Head::query()->find($recent->id)->forget_on?->format('Y-m-d'))->toBe('2027-03-09');
    $this->travel(1)->days();
    night();
    night();
    expect(Head::query()->pluck('id')->all())->toBe([$recent->id]);
    $proof = Deletion::query()->sole();
    expect($proof->leftNothing())->toBeTrue()
        ->and(DB::table('activity_log')->where('head_id', $old->id)->count())->toBe(0);
    $this->get("/salon/data/deletions/{$proof->id}")->assertOk()->assertSee('Nagomi, as set here');
});

it('keeps whoever leaves any trace, is booked, or is kept by a tap', function (string $trace): void {
    $this->actingAs($this->stylist);
    $head = lastHeard($this, 'Vesla', 9);
    $this->put('/salon/data/forget', ['forget_after_years' => '5']);
    expect($head->refresh()->forget_on)->not->toBeNull();
    $this->travel(20)->days();
    $today = $this->salon->today()->format('Y-m-d');
    match ($trace) {
        'details changed' => $head->update(['goals' => 'length']),
        'kept' => $this->put("/salon/data/forget/{$head->id}")->assertRedirect('/salon/data'),
        'home' => HomeAct::query()->forceCreate([
            'salon_id' => $head->salon_id, 'head_id' => $head->id, 'date' => $today,
            'kind' => 'note', 'key' => 'k', 'says' => 'x', 'came_at' => now(),
        ]),
        default => (new Booking())->forceFill([
            'salon_id' => $head->salon_id, 'head_id' => $head->id, 'user_id' => $this->stylist->id,
            'service' => 'Dry cut', 'is_wash_day' => false, 'date' => '2027-05-02',
            'starts_at' => '2027-05-02 10:00:00', 'stretches' => [], 'minutes' => 45, 'price_cents' => 0,
            'status' => BookingStatus::Booked, 'changed_by' => 'Ilse',
        ])->save(),
    };
    night();
    expect($head->refresh()->forget_on)->toBeNull();
    $this->travel(40)->days();
    night();
    expect(Head::query()->count())->toBe(1);
})->with(['kept', 'home', 'booked', 'details changed']);

it('keeps who was booked between the list and the deletion', function (): void {
    $head = lastHeard($this, 'Vesla', 9);
    $this->salon->update(['forget_after_years' => 5]);
    $head->update(['forget_on' => $this->salon->today()->format('Y-m-d')]);
    // Heard of while the night was under way: looked at once more before anything is deleted.
    DB::listen(function ($query) use ($head): void {
        if (str_contains($query->sql, 'for update') && str_contains($query->sql, '`heads`')) {
            DB::table('heads')->where('id', $head->id)->update(['kept_on' => '2027-01-09']);
        }
    });
    expect(app(Forgetting::class)->look($this->salon))->toBe(0)->and(Head::query()->count())->toBe(1);
});

it('asks for a number of years, and takes it back when it is emptied', function (): void {
    $this->actingAs($this->stylist);
    foreach (['0', '31', '2.5', 'many', '-1'] as $typed) {
        $this->put('/salon/data/forget', ['forget_after_years' => $typed])->assertSessionHasErrors([
            'forget_after_years' => 'Type a whole number of years from 1 to 30, or leave it empty.',
        ]);
    }
    $head = lastHeard($this, 'Vesla', 9);
    $this->put('/salon/data/forget', ['forget_after_years' => '5']);
    expect($head->refresh()->forget_on)->not->toBeNull();
    $this->put('/salon/data/forget', ['forget_after_years' => ''])->assertSessionHasNoErrors();
    expect($head->refresh()->forget_on)->toBeNull()->and($this->salon->refresh()->forget_after_years)->toBeNull();
});

it('forgets in each salon by its own word', function (): void {
    $here = lastHeard($this, 'Vesla', 9);
    $other = $this->salon->replicate();
    $other->save();
    $there = lastHeard($this, 'Solvei', 9);
    DB::table('heads')->where('id', $there->id)->update(['salon_id' => $other->id]);
    $this->salon->update(['forget_after_years' => 5]);
    night();
    $this->travel(31)->days();
    night();
    expect(DB::table('heads')->pluck('id')->all())->toBe([$there->id])->and($here->exists)->toBeTrue();
});
