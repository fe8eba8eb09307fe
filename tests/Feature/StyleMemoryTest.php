<?php

declare(strict_types=1);

/* What went with the best wash days: counted, said on the next one, and repeated with one tap. */

use App\Bridge\Clients\SalonClimate;
use App\Bridge\WashDays\StyleMemory;
use App\Models\Head;
use App\Models\Style;
use App\Models\WashDay;
use App\Models\WashSession;
use Tests\Feature\FeatureTestCase;

beforeEach(fn () => $this->actingAs($this->stylist));

/** A wash day that was run here, with its result. */
function cameOut(
    FeatureTestCase $test,
    Head $head,
    int $daysAgo,
    int $points,
    string $drying,
    string $styling = 'rake',
): WashDay {
    $day = $test->salon->today()->subDays($daysAgo);
    $date = $day->format('Y-m-d');
    $test->post("/clients/{$head->id}/wash-days", [
        'date' => $date, 'place' => 'salon', 'cleanse' => 'gentle', 'passes' => '1', 'conditioning' => 'mask',
        'conditioning_minutes' => '20', 'tool' => 'comb', 'detangling' => 'wet-with-slip',
    ])->assertSessionHasNoErrors();
    $washDay = $head->washDays()->whereDate('date', $date)->sole();
    $session = new WashSession([
        'head_id' => $head->id, 'date' => $date, 'by' => 'Ilse', 'finished_at' => now(), 'wash_day' => $washDay->key,
        'plan' => ['steps' => [], 'styling' => $styling, 'drying' => $drying, 'sections' => 4],
    ]);
    $session->forceFill(['salon_id' => $head->salon_id])->save();
    $result = array_fill_keys(['definition', 'clumping', 'softness', 'shine', 'volume'], (string) $points)
        + ['frizz' => (string) (10 - $points)];
    // Looked at the day after: it is still of that wash.
    $test->post("/clients/{$head->id}/hair-tests", [
        'date' => $day->addDay()->format('Y-m-d'), 'moment' => 'after-styling', 'zone' => '',
        'raw' => ['result' => $result],
    ])->assertSessionHasNoErrors();

    return $washDay;
}

it('says nothing while too few wash days have a result', function (): void {
    $head = $this->aHead();
    $head->readings()->where('test', 'result')->delete();
    $head->washDays()->delete();
    expect(app(StyleMemory::class)->of($head))->toBeNull();
    foreach ([20, 12, 4] as $i => $ago) {
        cameOut($this, $head, $ago, 3 + $i, 'air');
    }
    expect(app(StyleMemory::class)->of($head->refresh()))->toBeNull();
    $this->get("/clients/{$head->id}/wash")->assertOk()->assertDontSee('What went with the best');
});

it('counts what went with the best days, and lays the next one out like the best', function (): void {
    $head = $this->aHead();
    $head->readings()->where('test', 'result')->delete();
    $head->washDays()->delete();
    foreach ([[30, 9, 'diffuse', 'coils'], [24, 4, 'air', 'rake'], [18, 3, 'air', 'coils'], [12, 4, 'air', 'rake'],
        [6, 8, 'diffuse', 'rake']] as [$ago, $points, $drying, $styling]) {
        $washDay = cameOut($this, $head, $ago, $points, $drying, $styling);
        if ($points === 9) {
            $style = new Style([
                'head_id' => $head->id, 'styling' => 'coils', 'made_on' => $washDay->date->format('Y-m-d'),
                'ended_on' => $washDay->date->addDays(5)->format('Y-m-d'), 'log' => [],
            ]);
            $style->forceFill(['salon_id' => $head->salon_id])->save();
        }
    }
    $memory = app(StyleMemory::class)->of($head->refresh());
    // Coils were part of one of the two best days and of one of the three others: nothing to go by. Four sections were
    // part of all.
    expect($memory['lines'])->toBe([
        ['what' => 'dried with the diffuser', 'says' => '2 of the 2 best, 0 of the 3 others'],
    ])->and($memory['like'])->toBe([
        'says' => 'Lay it out like ' . $this->salon->today()->subDays(30)->format('j M')
            . ': 9.0 of 10, good for 6 days',
        'drying' => 'diffuse', 'styling' => 'coils', 'session' => null,
    ]);
    $page = $this->get("/clients/{$head->id}/wash")->assertOk();
    $page->assertSee('What went with the best 2 of 5 wash days')->assertSee('Counted, not proven')
        ->assertSee('drying=diffuse&amp;styling=coils', false);
    $this->get("/clients/{$head->id}/wash?drying=diffuse&styling=coils")->assertOk()
        ->assertSee('value="diffuse" selected', false);
    $this->get("/clients/{$head->id}/trends/trials?change=dried+with+the+diffuser")->assertOk()
        ->assertSee('value="dried with the diffuser"', false);
    $this->get("/clients/{$head->id}/trends/trials?change[]=a")->assertNotFound();
});

it('does not count a result that was read too long after, or after the next wash', function (): void {
    $head = $this->aHead();
    $head->readings()->where('test', 'result')->delete();
    $head->washDays()->delete();
    foreach ([30, 24, 18, 12] as $i => $ago) {
        cameOut($this, $head, $ago, 2 * $i, 'air');
    }
    $worst = $head->readings()->where('test', 'result')->orderBy('date')->firstOrFail();
    $worst->update(['date' => $worst->date->addDays(2)]);
    expect(app(StyleMemory::class)->of($head->refresh()))->toBeNull();
});

it('counts the air of the day, where a weather station knows it', function (): void {
    $head = $this->aHead();
    $head->update(['humidity_percent' => 60]);
    $head->readings()->where('test', 'result')->delete();
    $head->washDays()->delete();
    $year = [];
    foreach ([[30, 9, 85.0], [24, 4, 20.0], [18, 3, 20.0], [12, 4, 20.0], [6, 8, 85.0]] as [$ago, $points, $percent]) {
        cameOut($this, $head, $ago, $points, 'air');
        $year[$this->salon->today()->subDays($ago)->format('m-d')] = $percent;
    }
    expect(app(StyleMemory::class)->of($head->refresh())['lines'] ?? [])->toBe([]);
    // Every other day as usual: 60 % on the whole, so that only these five stand out.
    for ($day = new DateTimeImmutable('2027-01-01'); $day->format('Y') === '2027'; $day = $day->modify('+1 day')) {
        $year += [$day->format('m-d') => 60.0];
    }
    $this->salon->update(['climate' => SalonClimate::OWN, 'air' => $year]);
    expect(app(StyleMemory::class)->of($head->refresh())['lines'])->toBe([
        ['what' => 'in sticky air', 'says' => '2 of the 2 best, 0 of the 3 others'],
    ]);
});
