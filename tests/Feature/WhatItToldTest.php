<?php

declare(strict_types=1);

use App\Bridge\Plans\Outlooks;
use App\Bridge\Readings\VisitImpacts;
use App\Care\Readings\Visits;
use Illuminate\Support\Str;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Calendar;

function oneReading(string $test, array $raw, int $daysAgo = 0, ?Zone $zone = null): Reading
{
    return new Reading(
        strtolower((string) Str::ulid()),
        Calendar::dayOf(now('Europe/Lisbon')->subDays($daysAgo)),
        Moment::BeforeCleansing,
        $test,
        $raw,
        $zone,
        'Ilse',
    );
}

it('tells beforehand exactly what taking in then does', function (array $readings): void {
    $head = $this->aHead();
    $told = app(VisitImpacts::class)->of($head, $readings);
    expect($told->before)->toEqual($head->outlook->standing);
    app(Visits::class)->take($head, strtolower((string) Str::ulid()), $readings, 'Ilse');
    expect($head->outlook()->first()->standing)->toEqual($told->after);
})->with([
    'one' => [fn (): array => [oneReading('dryness', ['points' => 8])]],
    'several at once' => [
        fn (): array => [
            oneReading('dryness', ['points' => 8]),
            oneReading('feel', ['points' => -4]),
            oneReading('broken-hairs', ['shed' => 300, 'broken' => 60, 'days_since_detangled' => 7]),
        ],
    ],
    'a month ago' => [fn (): array => [oneReading('dryness', ['points' => 8], 30)]],
    'in one zone' => [fn (): array => [oneReading('dryness', ['points' => 8], zone: Zone::Crown)]],
    'what moves nothing' => [fn (): array => [oneReading('length', ['length_mm' => 400])]],
]);

it('sums what each reading moved to what all of them moved', function (): void {
    $head = $this->aHead();
    $told = app(VisitImpacts::class)->of(
        $head,
        [
            oneReading('dryness', ['points' => 7]),
            oneReading('feel', ['points' => -3]),
            oneReading('curl-memory', ['points' => 4]),
        ],
    );
    foreach ($told->after as $s => $stratum) {
        foreach (['moisture', 'protein'] as $quantity) {
            $moved = array_sum(array_map(
                fn (array $reading): float => $reading['moved'][$s][$quantity],
                $told->readings,
            ));
            expect($moved)->toEqualWithDelta($stratum[$quantity][0] - $told->before[$s][$quantity][0], 0.25);
        }
        // Readings only ever narrow.
        expect($stratum['moisture'][1])->toBeLessThanOrEqual($told->before[$s]['moisture'][1]);
    }
});

it('stands beside the last time of the same place only', function (): void {
    $head = $this->aHead();
    foreach ([60, 45, 30, 15] as $i => $ago) {
        app(Visits::class)->take(
            $head,
            strtolower((string) Str::ulid()),
            [oneReading('wetting', ['seconds' => 100 + 10 * $i, 'soak' => 1, 'slide' => 1], $ago, Zone::Nape)],
            'Ilse',
        );
    }
    $sign = fn (Zone $zone): array => app(VisitImpacts::class)->of(
        $head,
        [oneReading('wetting', ['seconds' => 20, 'soak' => 1, 'slide' => 1], zone: $zone)],
    )->readings[0]['signs'][0];
    expect($sign(Zone::Nape)['last'])
        ->toBe(130.0)
        ->and($sign(Zone::Crown)['last'])
        ->toBeNull();
});

it('rules out what was well possible and hardly is', function (): void {
    $head = $this->aHead();
    $many = array_map(
        fn (int $i): Reading => oneReading($i % 2 === 0 ? 'dryness' : 'feel', ['points' => $i % 2 === 0 ? 9 : -4], $i),
        range(0, 5),
    );
    foreach (array_reverse($many) as $reading) {
        $told = app(VisitImpacts::class)->of($head, [$reading]);
        foreach ($told->ruledOut as $cell) {
            $share = fn (array $standing): float => array_sum(array_map(
                fn (array $stratum): float => $stratum['share'] * $stratum['cells'][$cell],
                $standing,
            ));
            expect($share($told->before))
                ->toBeGreaterThanOrEqual(0.0999)
                ->and($share($told->after))
                ->toBeLessThan(0.0501);
        }
        app(Visits::class)->take($head, strtolower((string) Str::ulid()), [$reading], 'Ilse');
    }
    expect($head->visits()->count())->toBeGreaterThan(6);
});

it('takes a visit in once, whatever it says the second time', function (): void {
    $head = $this->aHead();
    $id = strtolower((string) Str::ulid());
    $first = app(Visits::class)->take($head, $id, [oneReading('dryness', ['points' => 5])], 'Ilse');
    $count = $head->readings()->count();
    expect(app(Visits::class)->take($head, $id, [oneReading('dryness', ['points' => 9])], 'Ilse')->id)
        ->toBe($first->id)
        ->and($head->readings()->count())
        ->toBe($count);
});

it('claims no balance of hair that nobody had tested, nor after tests that say nothing of it', function (): void {
    $head = $this->aNewHead();
    $head->readings()->delete();
    app(Outlooks::class)->of($head->refresh());
    $results = function (Reading $reading) use ($head): string {
        $visit = app(Visits::class)->take($head->refresh(), strtolower((string) Str::ulid()), [$reading], 'Ilse');

        return (string) $this
            ->actingAs($this->stylist)
            ->get("/clients/{$head->id}/history/{$visit->id}")
            ->assertOk()
            ->getContent();
    };
    expect($results(oneReading('length', ['length_mm' => 400])))
        ->toContain(__('history.results.not-tested'))
        ->not->toContain('% in balance')
        ->and($results(oneReading('dryness', ['points' => 8], 200)))->toContain(__('history.results.not-tested'))
        ->and($results(oneReading('dryness', ['points' => 8])))
        ->toContain('<span>' . __('history.results.before') . '</span><p>' . __('reports.cells.none') . '</p>')
        ->toContain('% dry')
        ->not->toContain(__('history.results.not-tested'));
});
