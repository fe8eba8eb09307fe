<?php

declare(strict_types=1);


/** A head with these wash days and no other. */

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Trials\ProgrammeAdherence;
use App\Models\Head;
use App\Models\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use Tests\Feature\FeatureTestCase;

function washedOn(FeatureTestCase $test, array $days): Head
{
    $head = $test->aHead();
    $head->washDays()->delete();
    foreach ($days as $date => $steps) {
        app(RecordImporter::class)->washDays(
            $head,
            [new WashDay("d{$date}", Calendar::day($date), $steps, Place::Home)],
        );
    }

    return $head;
}

function programme(Head $head, string $kind, string $from, int $weeks): Programme
{
    $programme = new Programme([
        'head_id' => $head->id, 'kind' => $kind, 'sign' => 'dryness', 'began_on' => $from, 'weeks' => $weeks,
        'by' => 'Ilse',
    ]);
    $programme->salon_id = $head->salon_id;
    $programme->save();

    return $programme;
}

it('counts the weeks in which a mask was worn', function (): void {
    $wash = Step::cleanse(CleanseKind::Gentle);
    $mask = new Step(StepKind::Mask, 20.0);
    // Four weeks from 6 December: masks in the first, the third (twice) and none in the second; the fourth is over.
    $head = washedOn(
        $this,
        [
            '2026-12-05' => [$wash, $mask], '2026-12-08' => [$wash, $mask], '2026-12-15' => [$wash],
            '2026-12-20' => [$wash, $mask], '2026-12-24' => [$wash, $mask], '2027-01-03' => [$wash, $mask],
        ],
    );
    $told = app(ProgrammeAdherence::class)->told($head, programme($head, 'weekly-mask', '2026-12-06', 4));
    expect($told['kept'])
        ->toBe(2)
        ->and($told['of'])
        ->toBe(4)
        ->and($told['left'])
        ->toBe(0)
        ->and($told['unit'])
        ->toBe('weeks');
    // A week that still runs is not held against her, and counts once it is done.
    $running = app(ProgrammeAdherence::class)->told($head, programme($head, 'weekly-mask', '2027-01-05', 4));
    expect($running['kept'])->toBe(0)->and($running['of'])->toBe(0)->and($running['left'])->toBe(23);
    expect(app(ProgrammeAdherence::class)->told(
        $head,
        programme($head, 'weekly-mask', '2027-01-03', 4),
    ))->toMatchArray(['kept' => 1, 'of' => 1]);
});

it('counts wash days on which it was kept to', function (string $kind, int $kept): void {
    $head = washedOn($this, [
        '2026-12-10' => [Step::cleanse(CleanseKind::Gentle), new Step(StepKind::Mask, 20.0)],
        '2026-12-17' => [
            new Step(StepKind::PreWash, 30.0, how: 'oil'),
            Step::cleanse(CleanseKind::Clarifying),
            new Step(StepKind::StrongProtein, 20.0),
            new Step(StepKind::Mask, 20.0),
        ],
        '2026-12-24' => [Step::cleanse(CleanseKind::CoWash)],
    ]);
    $told = app(ProgrammeAdherence::class)->told($head, programme($head, $kind, '2026-12-06', 4));
    expect($told['kept'])->toBe($kept)->and($told['of'])->toBe(3)->and($told['unit'])->toBe('wash days');
})->with([['no-protein', 2], ['gentle-cleansing', 2], ['pre-wash', 1], ['no-heat', 3]]);

it('runs for as long as it usually takes, is shown and can be broken off', function (): void {
    $head = $this->aHead();
    $page = "/clients/{$head->id}/trends/trials";
    $this->actingAs($this->stylist)->get($page)->assertSee('Begin a programme');
    $this->post(
        "/clients/{$head->id}/programmes",
        ['programme' => 'weekly-mask', 'weeks' => '', 'programme_sign' => 'dryness', 'programme_from' => '2027-01-02'],
    )->assertSessionHasNoErrors();
    $programme = Programme::query()->sole();
    expect($programme->weeks)->toBe(ProgrammeKind::WeeklyMask->weeks());
    $this->get($page)->assertSee('A mask every week')->assertSee('20 days left');
    $this->delete("/clients/{$head->id}/programmes/{$programme->id}")->assertRedirect($page);
    $this->get($page)->assertSee('stopped 9 Jan');
    expect($programme->refresh()->endsOn()->format('Y-m-d'))->toBe('2027-01-09');
    foreach (
        [
            ['programme' => 'fasting'], ['weeks' => '40'], ['weeks' => 'some'], ['programme_sign' => 'luck'],
            ['programme_from' => 'soon'], ['programme_from' => '2020-01-01'],
        ] as $wrong
    ) {
        $this->post(
            "/clients/{$head->id}/programmes",
            $wrong + [
                'programme' => 'weekly-mask',
                'weeks' => '4',
                'programme_sign' => 'dryness',
                'programme_from' => '2027-01-02',
            ],
        )->assertSessionHasErrors(array_key_first($wrong));
    }
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->delete("/clients/{$head->id}/programmes/{$programme->id}")->assertNotFound();

});

/** @return list<string> what is planned between two days, a line for each wash day */
function plannedBetween(Head $head, string $from, string $until): array
{
    return $head->planItems()->where('status', 'planned')->whereBetween('date', [$from, $until])->get()->map(
        fn ($item): string => implode(' ', array_column($item->steps, 'kind')),
    )->values()->all();
}

it('makes the plan keep to it while it lasts, hands it back, and lets it go when it is broken off', function (): void {
    $head = $this->aHead('overdone-with-protein');
    $head->update(['method' => ['oils' => 'seal', 'pre-wash' => 'oil'] + $head->method]);
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/programmes", [
        'programme' => 'no-oils', 'weeks' => '5', 'programme_sign' => 'dryness', 'programme_from' => '2027-01-09',
    ])->assertSessionHasNoErrors();
    $while = plannedBetween($head, '2027-01-09', '2027-02-12');
    $after = plannedBetween($head, '2027-02-13', '2027-04-03');
    expect($while)->not->toBe([])->and(implode(' ', $while))->not->toContain('seal')->not->toContain('pre-wash')
        ->and(implode(' ', $after))->toContain('seal');
    $this->get("/clients/{$head->id}/plan")->assertSee('no oils or butters until 12 Feb');
    $record = $this->get("/clients/{$head->id}/record.json")->json();
    expect($record['season']['programmes'])->toBe([
        ['kind' => 'no-oils', 'from' => '2027-01-09', 'until' => '2027-02-12'],
    ]);
    [$salon] = $this->salonWithStylist('maren@test.example');
    $read = Nagomi\Core\Record\CareRecordReader::read(
        json_encode($record),
        Nagomi\Core\Parameters\Parameters::shipped(),
    );
    $there = app(RecordImporter::class)->record($read, $salon);
    expect($there->season)->not->toHaveKey('programmes')
        ->and(Programme::query()->withoutGlobalScope('salon')->where('head_id', $there->id)->sole())
        ->kind->toBe('no-oils')->weeks->toBe(5);
    $this->delete("/clients/{$head->id}/programmes/" . Programme::query()->where('head_id', $head->id)->value('id'));
    expect(implode(' ', plannedBetween($head, '2027-01-09', '2027-02-12')))->toContain('seal');
});

it('refuses a programme that contradicts one that runs, says until when, and changes nothing', function (): void {
    $head = $this->aHead();
    $begin = fn (string $what, string $from): mixed => $this->actingAs($this->stylist)->post(
        "/clients/{$head->id}/programmes",
        ['programme' => $what, 'weeks' => '4', 'programme_sign' => 'dryness', 'programme_from' => $from],
    );
    $begin('gentle-cleansing', '2027-01-09')->assertSessionHasNoErrors();
    $begin('alternate-co-wash', '2027-02-01')->assertSessionHasErrors([
        'programme' => 'What: “Only gentle cleansing” runs until 5 Feb 2027 and says otherwise of the same thing. '
            . 'Stop it first, or begin after it.',
    ]);
    $begin('gentle-cleansing', '2027-01-20')->assertSessionHasErrors('programme');
    expect(Programme::query()->count())->toBe(1);
    $begin('alternate-co-wash', '2027-02-06')->assertSessionHasNoErrors();
    $begin('no-heat', '2027-01-09')->assertSessionHasNoErrors();
    expect(Programme::query()->count())->toBe(3);
});

it('says how many of the planned wash days were done at all', function (): void {
    $head = $this->aHead();
    $item = $head->planItems()->where('status', 'planned')->orderBy('date')->firstOrFail();
    programme($head, 'no-heat', '2027-01-05', 4);
    $this->travelTo($item->date->setTime(12, 0));
    app(RecordImporter::class)->washDays($head, [new WashDay(
        'done-as-planned',
        Calendar::dayOf($item->date),
        [Step::cleanse(CleanseKind::Shampoo)],
        Place::Home,
    )]);
    app(App\Bridge\Plans\Outlooks::class)->of($head->refresh(), $item->date);
    expect($item->refresh()->status)->toBe('done')
        ->and(app(ProgrammeAdherence::class)->told($head, Programme::query()->firstOrFail()))
        ->toMatchArray(['planned' => 1, 'washed' => 1, 'kept' => 1, 'of' => 1]);
});
