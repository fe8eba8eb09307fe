<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\ProductFit;
use App\Bridge\Scheduling\ServiceQuotes;
use App\Bridge\WashDays\PlannedBottles;
use App\Bridge\WashDays\WashSessionPlanner;
use App\Models\Booking;
use App\Models\Head;
use App\Models\HomeLink;
use App\Models\Picture;
use App\Models\PlanItem;
use App\Models\Visit;
use App\Pages\HomeRoutine\HomeRoutines;
use App\Wording\HomeStepWords;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Products\ProductKind;
use Tests\Feature\AskingProgram;

/** Every screen there is, opened for a stranger and read; and whether any two of them say different things. */
final readonly class Screens
{
    /** Screens that take long or that the salon has once for all: looked at for one stranger of so many. */
    private const SELDOM = [
        'clients.history.pdf', 'clients.history.json', 'clients.consent.form', 'salon.consent', 'salon.learned',
        'clients.home-routine.pdf', 'salon.data.archive', 'clients.parcel', 'salon.edit', 'salon.hours', 'reports.team',
        'salon.people', 'salon.trail', 'clients.trail', 'account.second-step', 'account.confirm',
        'salon.messages', 'reports', 'reports.csv', 'products.create', 'products.mix', 'products.book', 'products',
        'products.csv', 'plans', 'salon.data', 'salon.data.cards', 'salon.connections',
        'clients.records.create', 'clients.create', 'practice', 'practice.team', 'practice.drills',
    ];
    private const SELDOM_IS_ONE_OF = 20;

    /** Opened where they are made. */
    private const ELSEWHERE = [
        'sign-in', 'sign-in.code', 'begin', 'invitations.show', 'passwords.show',
        'salon.data.import', 'salon.data.proof', 'card', 'reminders.stop', 'feed', 'bookings.show',
        'bookings.series', 'products.show', 'products.edit', 'clients.wash.run', 'storage.local', 'moved', 'asset',
        'up', 'health', 'metrics', 'practice.show',
    ];

    public function __construct(private StrangersTestCase $test, private Stranger $stranger)
    {
    }

    public function allOpen(Head $head): void
    {
        $wrong = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $name = (string) $route->getName();
            $isSeldom = in_array($name, self::SELDOM, true) && $this->stranger->seed % self::SELDOM_IS_ONE_OF !== 0;
            if (
                ! in_array('GET', $route->methods(), true)
                    || $name === ''
                    || in_array($name, self::ELSEWHERE, true)
                    || str_starts_with($name, 'api.')
                    || $isSeldom
            ) {
                continue;
            }
            foreach ($this->addresses($route, $head) as $address) {
                $answer = $this->test->get($address);
                $this->test->fine($answer, $address);
                expect($answer->baseResponse->getStatusCode())->toBe(200, $address);
                if (str_starts_with((string) $answer->headers->get('Content-Type'), 'text/html')) {
                    $html = (string) $answer->baseResponse->getContent();
                    $wrong = [...$wrong, ...Sentences::wrongOn($address, $html)];
                }
                if ($name === 'clients.plan') {
                    $this->minutesShown($head, $answer);
                }
                if ($name === 'clients.record') {
                    expect(json_decode((string) $answer->baseResponse->getContent()))->not->toBeNull();
                }
            }
        }
        expect($wrong)->toBe([], implode("\n", $wrong));
        $this->card($head);
        $this->booking($head);
        $this->asked($head);
    }

    /** The same of another program, which holds each answer against the document. */
    private function asked(Head $head): void
    {
        $program = new AskingProgram($this->test);
        foreach (['', '/record'] as $of) {
            $program->asks('GET', "/clients/{$head->id}{$of}")->assertOk();
        }
        $program->asks('GET', '/bookings', ['client' => $head->id])->assertOk();
        $program->asks('GET', '/free-times', [
            'client' => $head->id, 'service' => $this->test->service('Wash day')->id,
        ])->assertOk();
    }

    /** @param TestResponse<\Symfony\Component\HttpFoundation\Response> $page */
    private function minutesShown(Head $head, TestResponse $page): void
    {
        /** @var PlanItem|null $item */
        $item = $head->planItems()->where('status', 'planned')->first();
        if ($item !== null) {
            $page->assertSee(round($item->minutes) . ' min');
        }
    }

    /** @return list<string> */
    private function addresses(Route $route, Head $head): array
    {
        $uri = '/' . str_replace('{head}', $head->id, $route->uri());
        if (str_contains($uri, '{picture}')) {
            return Picture::query()
                ->where('head_id', $head->id)
                ->limit(1)
                ->pluck('id')
                ->map(fn (mixed $id): string => str_replace('{picture}', is_string($id) ? $id : '', $uri))
                ->values()
                ->all();
        }
        if (str_contains($uri, '{visit}')) {
            $visits = Visit::query()->where('head_id', $head->id)->whereNull('undone_at')->limit(2)->pluck('id');

            return $visits->map(
                fn (mixed $id): string => str_replace('{visit}', is_string($id) ? $id : '', $uri),
            )->values()->all();
        }
        expect(str_contains($uri, '{'))->toBeFalse("nobody opens {$uri}");

        return match ($route->getName()) {
            'clients.wash' => [
                "{$uri}?limit={$this->stranger->one([10, 30, 60, 400])}&drying={$this->stranger->one(['air', 'diffuse', 'hood', 'leaves-damp'])}&styling={$this->stranger->one(['rake', 'coils', 'knots'])}",
            ],
            'clients.plan.what-if' => [
                "{$uri}?change={$this->stranger->one(['wash-every', 'minutes-limit', 'hardness', 'mask-heat', 'seal', 'pre-wash', 'load', 'night', 'no-protein', 'no-mask', 'humidity'])}&number=20",
            ],
            'clients.hair-tests' => [$this->stranger->one([$uri, "{$uri}?moment=after-cleansing"])],
            'clients.history.cause' => [
                $uri,
                "{$uri}?of={$this->stranger->one(['breakage', 'dryness', 'frizz', 'else'])}",
            ],
            'today.places' => [$uri, "{$uri}?head={$head->id}"],
            'today' => [$this->stranger->one([$uri, "{$uri}?date=" . $this->stranger->day(3)])],
            default => [$uri],
        };
    }

    private function card(Head $head): void
    {
        $link = new HomeLink(['head_id' => $head->id, 'by' => 'Ilse', 'expires_at' => now()->addDays(30)]);
        $link->salon_id = $head->salon_id;
        $link->save();
        $this->test->fine($this->test->get($link->path())->assertOk(), 'the card on the phone');
        $this->test->fine($this->test->post("/clients/{$head->id}/home-routine/calendar"), 'a calendar for home');
    }

    private function booking(Head $head): void
    {
        $service = $this->test->service('Wash day');
        $date = $this->stranger->today->modify('+2 days')->format('Y-m-d');
        $this->test->fine(
            $this->test->get("/bookings/new?head={$head->id}&service={$service->id}&date={$date}")->assertOk(),
            'booking',
        );
        $this->test->fine(
            $this->test->post(
                '/bookings',
                [
                    'head' => $head->id, 'service' => (string) $service->id, 'date' => $date, 'time' => '8:00',
                    'stylist' => (string) $this->test->stylist->id,
                    'drying' => ['', 'hood', 'air', 'leaves-damp'][$this->stranger->seed % 4],
                ],
            ),
            'booked',
        );
        $this->test->fine($this->test->get("/today?date={$date}")->assertOk(), 'the day of the booking');
        $this->booked($head, $date);
        (new BookedDays($this->test))->areOneTruth($head);
    }

    /** What can be seen of a booking: its price, again every few weeks, and in other hands. */
    private function booked(Head $head, string $date): void
    {
        $booking = Booking::query()->where('head_id', $head->id)->latest('id')->value('id');
        $wrong = [];
        foreach (
            is_string($booking) ? [
                "/bookings/{$booking}", "/bookings/{$booking}/series?weeks=3&times=3", "/today/handover?date={$date}",
            ] : [] as $address
        ) {
            $page = $this->test->get($address)->assertOk();
            $this->test->fine($page, $address);
            $wrong = [...$wrong, ...Sentences::wrongOn($address, (string) $page->getContent())];
        }
        expect($wrong)->toBe([], implode("\n", $wrong));
        if (is_string($booking)) {
            $this->onThePicture($booking, $date);
        }
    }

    /** Every place the picture lights up is one: the last of them says what it does, and is taken. */
    private function onThePicture(string $booking, string $date): void
    {
        $address = "/today/places?date={$date}&booking={$booking}";
        $told = $this->test->getJson($address)->assertOk()->json();
        $place = $told['places'][count($told['places']) - 1];
        expect($this->test->getJson($address . '&at=' . urlencode($place['slot']))->assertOk()->json('says'))
            ->not->toBe([]);
        $this->test->put($told['action'], [...$told['fields'], 'slot' => $place['slot']])
            ->assertSessionHasNoErrors()->assertRedirect("/today?date={$date}");
    }

    /**
     * What the plan, the wash day, the home routine, the booking and the products say of the next wash day is one
     * thing.
     */
    public function agree(Head $head): void
    {
        $head = Head::query()->findOrFail($head->id)->load(['salon', 'zoneParts', 'outlook']);
        /** @var PlanItem|null $item */
        $item = $head->planItems()->where('status', 'planned')->first();
        $washSession = app(WashSessionPlanner::class)->of($head, null);
        $shelf = [];
        foreach (app(ProductFit::class)->forHead($head, $head->salon)->kinds as $rows) {
            foreach ($rows as $row) {
                $shelf[$row['product']->name] = $row['verdict'];
            }
        }
        foreach ($washSession['steps'] as $step) {
            if ($step['product'] !== null) {
                expect($shelf[$step['product']['name']] ?? 'unknown')->not->toBe(
                    'no',
                    'a product is used that its page says does not suit',
                )->not->toBe('unknown');
            }
        }
        if ($item === null) {
            return;
        }
        $this->stepsAgree($item, $washSession);
        $home = app(HomeRoutines::class)->of($head);
        foreach ($home->days as $day) {
            if ($day['uid'] === $item->uid) {
                expect(array_column($day['steps'], 'what'))
                    ->toBe(array_column(array_map(
                        fn (array $step): array => HomeStepWords::of($step, new Method($head->method)),
                        $item->steps,
                    ), 'what'))
                    ->and($day['minutes'])
                    ->toEqualWithDelta(max(5.0, $item->minutes), 2.5, 'at home it takes another time than planned');
                $this->productsAgree($item, $day['steps'], $washSession);
            }
        }
        $quote = app(ServiceQuotes::class)->of($head, $this->test->service('Wash day'), $item->date);
        expect($quote->careMinutes)->toBe((int) round($item->minutes), 'the booking takes another time than the plan')
            ->and($quote->minutes)->toBe($washSession['done_minutes'], 'dry at another time than booked')
            ->and($quote->parts)->toEqual($item->parts, 'hands, free or drying otherwise booked than planned')
            ->and((int) round($washSession['care_minutes']))->toBe(
                (int) round($item->minutes),
                'the wash day takes another time than the plan',
            );
        $limit = $head->minutes_limit;
        if ($limit !== null && $item->broken === [] && $item->by_hand === null && $item->clash === null) {
            expect((float) $item->minutes)->toBeLessThanOrEqual(
                $limit + 0.01,
                'the plan takes longer than there is time for',
            );
        }
    }

    /** @param array<string, mixed> $washSession */
    private function stepsAgree(PlanItem $item, array $washSession): void
    {
        $kind = fn (array $steps): array => array_values(array_unique(
            array_map(fn (array $step): string => (string) ($step['kind'] ?? ''), $steps),
        ));
        $planned = $kind($item->steps);
        $laid = $kind(array_values(array_filter(array_column($washSession['steps'], 'books'))));
        sort($planned);
        sort($laid);
        expect($laid)->toBe($planned, 'the wash day has other steps than the plan');
        foreach ($washSession['steps'] as $step) {
            $books = $step['books'];
            $same = array_values(array_filter(
                $item->steps,
                fn (array $one): bool => $books !== null && $one['kind'] === $books['kind'],
            ));
            if ($same !== [] && $books['kind'] === 'detangle') {
                expect((float) $step['hands_on_minutes'])->toEqualWithDelta((float) $same[0]['minutes'], 0.1);
            }
            if (
                $same !== []
                    && in_array($books['kind'], ['mask', 'mild-protein', 'strong-protein', 'conditioner'], true)
            ) {
                expect((float) $step['waiting_minutes'])->toEqualWithDelta((float) ($same[0]['minutes'] ?? 0), 0.05);
            }
        }
    }

    /**
     * @param list<array{says: string, with: string}> $steps
     * @param array<string, mixed>                    $washSession
     */
    private function productsAgree(PlanItem $item, array $steps, array $washSession): void
    {
        $head = Head::query()->findOrFail($item->head_id)->load(['salon']);
        $planned = app(PlannedBottles::class)->inSalon($head, $item);
        foreach ($item->steps as $i => $step) {
            $does = StoredSteps::of([$step])[0] ?? null;
            $kind = $does === null ? null : ProductKind::of($does);
            foreach ($washSession['steps'] as $laid) {
                if (
                    $kind !== null
                        && $laid['uses'] === $kind->value
                        && $laid['product'] !== null
                        && is_array($laid['books'])
                        && $laid['books']['kind'] === $step['kind']
                ) {
                    // No stranger has bottles of their own: home and salon name the same one, and so does the plan.
                    expect($steps[$i]['with'])->toStartWith("such as {$laid['product']['name']},")
                        ->and($planned[$i]['says'] ?? '')->toContain($laid['product']['name']);
                }
            }
        }
    }
}
