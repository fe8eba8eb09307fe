<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Care\HomeCards\HomeActs;
use App\Models\Head;
use App\Models\HomeLink;
use App\Models\Product;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Readings\TestCatalogue;

/** What happens to a stranger in the salon and at home, in any order. */
final readonly class Life
{
    private const ACTS = [
        'washDay', 'visit', 'notebook', 'home', 'basin', 'terms', 'style', 'sign', 'product', 'occasion', 'byHand',
        'scalp', 'programme',
    ];

    public function __construct(private StrangersTestCase $test, private Stranger $stranger)
    {
    }

    public function begins(): Head
    {
        $test = $this->test;
        match ($this->stranger->comes()) {
            'form' => $test->fine(
                $test->post('/clients', $this->stranger->intake())->assertSessionHasNoErrors(),
                'the intake',
            ),
            'record' => $test->fine(
                $test->post(
                    '/clients/records',
                    ['record' => $this->file('record.json', (string) json_encode($this->stranger->record()))],
                )->assertSessionHasNoErrors(),
                'the record',
            ),
            'card' => $this->imports(
                'clients.vcf',
                "BEGIN:VCARD\r\nVERSION:{$this->stranger->one(['2.1', '3.0', '4.0'])}\r\nFN:{$this->stranger->name()}\r\nTEL:+351 912 345 678\r\nEND:VCARD\r\n",
            ),
            default => $this->imports(
                'clients.csv',
                "name;phone\n\"" . str_replace('"', '""', $this->stranger->name()) . "\";912 345 678\n",
            ),
        };

        return $test->newest();
    }

    private function imports(string $name, string $content): void
    {
        $preview = $this->test->post('/salon/data/imports', ['file' => $this->file($name, $content)]);
        $this->test->fine($preview, 'the import');
        $address = (string) $preview->headers->get('Location');
        $this->test->fine($this->test->get($address)->assertOk(), 'its preview');
        $this->test->fine($this->test->post($address, ['again' => '1']), 'taking it in');
    }

    private function file(string $name, string $content): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, $content);
    }

    public function goesOn(Head $head): void
    {
        for ($i = $this->stranger->chance->between(0, 4); $i > 0; $i--) {
            $this->{$this->stranger->one(self::ACTS)}($head);
            // A minute later, so that no act is mistaken for the one before.
            $this->test->travel(1)->minutes();
        }
    }

    private function washDay(Head $head): void
    {
        $washDay = array_diff_key($this->stranger->washDay(), ['asked' => 0, 'sure' => 0]);
        $this->test->fine($this->test->post("/clients/{$head->id}/wash-days", $washDay), 'a wash day');
        $asked = session('asked');
        if (is_array($asked) && $asked !== []) {
            $this->test->fine(
                $this->test->post("/clients/{$head->id}/wash-days", $washDay + ['asked' => $asked]),
                'a wash day, once more',
            );
        }
    }

    private function visit(Head $head): void
    {
        $visit = $this->stranger->visit();
        $this->test->fine($this->test->post("/clients/{$head->id}/hair-tests", $visit), 'a visit');
        $asked = session('asked');
        if (is_array($asked) && $asked !== []) {
            $this->test->fine(
                $this->test->post("/clients/{$head->id}/hair-tests", $visit + ['asked' => $asked]),
                'a visit, once more',
            );
        }
    }

    private function notebook(Head $head): void
    {
        $this->test->fine(
            $this->test->put(
                "/clients/{$head->id}",
                ['notebook' => $this->stranger->notebook()] + $this->stranger->intake(),
            ),
            'the intake, again',
        );
    }

    private function home(Head $head): void
    {
        $link = new HomeLink(['head_id' => $head->id, 'by' => 'Ilse', 'expires_at' => now()->addDays(30)]);
        $link->salon_id = $head->salon_id;
        $link->save();
        $item = $head->planItems()->where('status', 'planned')->first();
        $acts = [
            [
                'key' => (string) Str::ulid(),
                'kind' => 'wash-day',
                'date' => $this->stranger->day(20),
                'value' => [
                    'uid' => $item->uid ?? 'gone',
                    'steps' => array_values(array_filter(
                        range(0, 7),
                        fn (): bool => $this->stranger->chance->happens(0.5),
                    )),
                ],
            ],
            [
                'key' => (string) Str::ulid(),
                'kind' => 'reading',
                'date' => $this->stranger->day(20),
                'value' => [
                    'test' => $this->stranger->one(HomeActs::TESTS),
                    'raw' => ['points' => $this->stranger->one([-5, 0, 4, 10, 11])],
                ],
            ],
            [
                'key' => (string) Str::ulid(),
                'kind' => 'style',
                'date' => $this->stranger->day(20),
                'value' => ['what' => $this->stranger->one(['refreshed', 'gone', 'else'])],
            ],
        ];
        $this->test->fine(
            $this->test->postJson(
                $link->path('card.acts'),
                ['acts' => $this->stranger->chance->happens(0.5) ? $acts : array_reverse($acts)],
            ),
            'what came from home',
        );
        $this->test->fine($this->test->get($link->path())->assertOk(), 'the card on the phone');
    }

    private function basin(Head $head): void
    {
        $this->test->fine(
            $this->test->post(
                "/clients/{$head->id}/wash",
                [
                    'limit' => (string) $this->stranger->one(['', 10, 25, 60, 400]),
                    'drying' => $this->stranger->one(['air', 'diffuse', 'hood', 'leaves-damp']),
                    'styling' => $this->stranger->one(['rake', 'coils', 'twists', 'braids', 'knots']),
                ],
            ),
            'beginning a wash day',
        );
        $washSession = $head->washSessions()->latest('id')->first();
        if ($washSession === null) {
            return;
        }
        $keys = array_column($washSession->steps(), 'key');
        $acts = [];
        foreach ($keys as $i => $key) {
            $acts[] = [
                'key' => "{$washSession->id} {$i}",
                'kind' => $this->stranger->one([
                    'done', 'done', 'skip', 'note', 'swap', 'repeat', 'amount', 'section', 'back',
                ]),
                'step' => $key,
                'at' => now()->addMinutes($i)->toIso8601String(),
                'value' => ['note' => 'knot', 'ml' => 3, 'section' => 1],
            ];
        }
        $at = "/clients/{$head->id}/wash/{$washSession->id}";
        $this->test->fine($this->test->postJson("{$at}/acts", ['device' => 'a', 'acts' => $acts]), 'taps');
        $this->test->fine($this->test->get($at)->assertOk(), 'the wash day as it runs');
        $this->test->fine(
            $this->stranger->chance->happens(0.7) ? $this->test->post("{$at}/finish") : $this->test->delete($at),
            'ending it',
        );
        $doubtful = session('doubtful');
        if (is_array($doubtful)) {
            $this->test->fine($this->test->get($at)->assertOk(), 'the question about minutes');
            $this->test->fine(
                $this->test->post("{$at}/finish", ['minutes' => array_map(fn (): string => '20', $doubtful)]),
                'ending it with minutes',
            );
        }
        $this->test->fine($this->test->get($at), 'the wash day ended');
    }

    private function terms(Head $head): void
    {
        $day = $this->stranger->today->modify('+' . $this->stranger->chance->between(1, 60) . ' days')->format('Y-m-d');
        $this->test->fine(
            $this->test->put(
                "/clients/{$head->id}/plan/terms",
                [
                    'away' => [['from' => $day, 'until' => $day]],
                    'salon_days' => $this->stranger->one(['', $day]),
                    'not_at_home' => ['strong-protein', 'clarifying'],
                    'home_minutes_limit' => $this->stranger->one(['', '10', '45']),
                    'trim_goal' => $this->stranger->one(['', 'grow', 'keep', 'shape']),
                    'weekday_minutes' => $this->stranger->one([
                        [],
                        ['mon' => '15', 'wed' => '0', 'sat' => '150'],
                        ['sun' => '0', 'thu' => '40'],
                    ]),
                    'stock' => ['mask' => $this->stranger->one(['', '0', '2'])],
                ],
            ),
            'the terms',
        );
        $this->test->fine($this->test->post("/clients/{$head->id}/plan/terms/promise"), 'a promise');
    }

    private function byHand(Head $head): void
    {
        $day = $this->stranger->today->modify('+' . $this->stranger->chance->between(0, 40) . ' days')->format('Y-m-d');
        $this->test->fine(
            $this->test->post(
                "/clients/{$head->id}/plan/terms/by-hand",
                [
                    'hand_date' => $day,
                    'cleanse' => $this->stranger->one(['gentle', 'clarifying', 'co-wash']),
                    'passes' => '1',
                    'mask_minutes' => $this->stranger->one(['', '0.5', '90']),
                    'protein' => $this->stranger->one(['', 'strong-protein']),
                    'reason' => 'a wish',
                ],
            ),
            'a day by hand',
        );
    }

    private function occasion(Head $head): void
    {
        $day = $this->stranger->today->modify('+' . $this->stranger->chance->between(0, 90) . ' days')->format('Y-m-d');
        $this->test->fine(
            $this->test->post(
                "/clients/{$head->id}/plan/occasions",
                [
                    'occasion' => $this->stranger->one(['best-day', 'swimming', 'new-colour', 'away']),
                    'occasion_from' => $day,
                ],
            ),
            'an occasion',
        );
    }

    private function style(Head $head): void
    {
        $this->test->fine(
            $this->test->post(
                "/clients/{$head->id}/style",
                [
                    'styling' => $this->stranger->one(['twists', 'rake', 'braids']),
                    'on' => $this->stranger->day(90),
                    'stays_days' => $this->stranger->one(['', '21']),
                ],
            ),
            'a style',
        );
        $this->test->fine(
            $this->test->put("/clients/{$head->id}/style", ['what' => 'refreshed', 'on' => $this->stranger->day(3)]),
            'keeping it',
        );
    }

    /** Looks at the scalp some times within the last weeks, as likely or unlikely as it comes. */
    private function scalp(Head $head): void
    {
        for ($i = $this->stranger->chance->between(1, 4); $i > 0; $i--) {
            $raw = [];
            foreach (TestCatalogue::test('scalp')?->rawMeasures() ?? [] as $measure) {
                $raw[$measure->name] = (string) $this->stranger->chance->between(0, $this->stranger->one([2, 5, 10]));
            }
            $this->test->fine($this->test->post("/clients/{$head->id}/hair-tests", [
                'date' => $this->stranger->day(60), 'moment' => 'before-cleansing', 'raw' => ['scalp' => $raw],
            ]), 'a look at the scalp');
        }
    }

    private function programme(Head $head): void
    {
        $this->test->fine($this->test->post("/clients/{$head->id}/programmes", [
            'programme' => $this->stranger->one(array_column(ProgrammeKind::cases(), 'value')),
            'weeks' => $this->stranger->one(['', '1', '26']), 'programme_sign' => 'dryness',
            'programme_from' => $this->stranger->day(30),
        ]), 'a programme');
    }

    private function sign(Head $head): void
    {
        $this->test->fine(
            $this->test->post(
                "/clients/{$head->id}/safety-flags",
                ['sign' => $this->stranger->one(['red', 'sore']), 'seen' => 'something'],
            ),
            'a sign',
        );
    }

    private function product(Head $head): void
    {
        $product = Product::query()
            ->where('salon_id', $head->salon_id)
            ->whereNull('head_id')
            ->inRandomOrder($this->stranger->seed)
            ->first();
        if ($product !== null) {
            $this->test->fine(
                $this->test->post(
                    "/clients/{$head->id}/reactions",
                    ['product_id' => $product->id, 'what' => 'itched', 'on' => $this->stranger->day(30)],
                ),
                'a reaction',
            );
            $this->test->fine(
                $this->stranger->chance->happens(0.5)
                    ? $this->test->delete("/products/{$product->id}")
                    : $this->test->post("/products/{$product->id}/recall", ['because' => 'glass']),
                'a product gone',
            );
        }
    }
}
