<?php

declare(strict_types=1);

namespace Tests\Malformed;

use App\Care\Imports\Imports;
use App\Care\Practice\LivedCases;
use App\Models\Booking;
use App\Models\HomeLink;
use App\Models\Leave;
use App\Models\Picture;
use App\Models\PlayedCase;
use App\Models\Product;
use App\Models\Programme;
use App\Models\Reminder;
use App\Models\Service;
use App\Models\TaughtIngredient;
use App\Models\Trial;
use App\Models\Wait;
use App\Models\WashSession;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use Nagomi\Core\Head\MethodQuestion;

/** Of every address there is, a request that could be answered well: what is spoiled begins as that. */
final readonly class Forms
{
    public function __construct(private MalformedTestCase $test)
    {
    }

    /** @return array<string, string> what stands in for each part of an address */
    public function parts(): array
    {
        $head = $this->test->head;
        $today = $this->test->salon->today()->format('Y-m-d');
        $of = ['salon_id' => $this->test->salon->id, 'head_id' => $head->id];
        $saved = function (mixed $model) {
            $model->save();

            return (string) $model->getKey();
        };

        return [
            'head' => $head->id,
            'visit' => (string) $head->visits()->firstOrFail()->id,
            'reading' => $head->readings()->firstOrFail()->key,
            'washDay' => $head->washDays()->firstOrFail()->key,
            'booking' => $saved((new Booking())->forceFill(
                $of + [
                    'user_id' => $this->test->stylist->id,
                    'service' => 'Dry cut',
                    'is_wash_day' => false,
                    'date' => $today,
                    'starts_at' => now()->addHour(),
                    'stretches' => [['hands' => 45, 'waiting' => 0, 'spread' => 0.2, 'waiting_spread' => 0]],
                    'minutes' => 45,
                    'price_cents' => 100,
                    'status' => 'booked',
                    'changed_by' => 'Ilse',
                ],
            )),
            'product' => $saved((new Product())->forceFill([
                'salon_id' => $this->test->salon->id, 'name' => 'Plain mask', 'kind' => 'mask',
                'ingredients' => 'Aqua, Glycerin', 'reading' => [], 'claims' => [], 'size_ml' => 500, 'left_ml' => 100,
            ])),
            'import' => app(Imports::class)->look(
                "Name,Phone,When\nVesla,912,3/12/2026\n",
                'clients.csv',
                $this->test->salon,
                $this->test->stylist,
            )->id,
            'leave' => $saved((new Leave())->forceFill([
                'salon_id' => $this->test->salon->id, 'user_id' => $this->test->stylist->id, 'from' => $today,
                'until' => $today, 'because' => '',
            ])),
            'wait' => $saved((new Wait())->forceFill($of + [
                'service_id' => Service::query()->where('salon_id', $this->test->salon->id)->firstOrFail()->id,
                'from' => $today, 'until' => $today, 'stretches' => [],
            ])),
            'taught' => $saved((new TaughtIngredient())->forceFill([
                'salon_id' => $this->test->salon->id, 'name' => 'Kelp', 'also' => [], 'functions' => ['humectant'],
                'strength' => '', 'by' => 'Ilse',
            ])),
            'basin' => $saved((new WashSession())->forceFill(
                $of + [
                    'date' => $today,
                    'by' => 'Ilse',
                    'plan' => [
                        'steps' => [[
                            'key' => 'cleanse',
                            'label' => 'Cleanse',
                            'hands_on_minutes' => 5,
                            'waiting_minutes' => 0,
                            'books' => ['kind' => 'cleanse', 'cleanse' => 'gentle', 'passes' => 1],
                            'product' => null,
                        ]],
                        'sections' => 4,
                    ],
                ],
            )),
            'reminder' => $saved((new Reminder())->forceFill(
                $of + [
                    'occasion' => 'x', 'kind' => 'booking', 'due_at' => now(), 'status' => 'failed', 'attempts' => 3,
                ],
            )),
            'livedCase' => (string) app(LivedCases::class)->make($head)->id,
            'playedCase' => $saved((new PlayedCase())->forceFill([
                'salon_id' => $this->test->salon->id, 'user_id' => $this->test->stylist->id, 'seed' => 7,
                'from_on' => $today, 'begun_at' => now(),
            ])),
            'trial' => $saved((new Trial())->forceFill(
                $of + [
                    'by' => 'Ilse', 'kind' => 'before-after', 'change' => 'satin', 'sign' => 'frizz',
                    'began_on' => $today,
                ],
            )),
            'programme' => $saved((new Programme())->forceFill(
                $of + ['by' => 'Ilse', 'kind' => 'no-protein', 'weeks' => 4, 'sign' => 'frizz', 'began_on' => $today],
            )),
            'link' => $saved((new HomeLink())->forceFill($of + ['by' => 'Ilse', 'expires_at' => now()->addDays(30)])),
            'picture' => $saved((new Picture())->forceFill(
                $of + [
                    'taken_on' => $today, 'kind' => 'after', 'consent_by' => 'V', 'consent_on' => $today,
                    'by' => 'Ilse', 'width' => 10, 'height' => 10,
                ],
            )),
            ...ProgramForms::parts($this->test),
            'deletion' => '1', 'zone' => 'crown', 'date' => '2027-02-01', 'place' => '0', 'said' => '0',
            'moment' => 'before-cleansing', 'device' => 'scale', 'secret' => str_repeat('a', 48), 'path' => 'x',
        ];
    }

    /** @param array<string, string> $parts */
    public function signed(string $uri, string $name, array $parts): string
    {
        return match ($name) {
            'card',
            'card.acts' => URL::temporarySignedRoute(
                $name,
                now()->addDay(),
                ['link' => $parts['link']],
                absolute: false,
            ),
            'reminders.stop',
            'reminders.stop.now' => URL::signedRoute($name, ['head' => $parts['head']], absolute: false),
            default => $uri,
        };
    }

    /** @return array<string, mixed> what is asked in an address */
    public function query(string $name): array
    {
        if (str_starts_with($name, 'api.')) {
            return ProgramForms::query($name, $this->test);
        }
        return match ($name) {
            'today' => ['date' => '2027-01-10'],
            'bookings.create' => [
                'head' => $this->test->head->id, 'service' => '1', 'date' => '2027-01-11', 'with' => '1',
                'part' => 'morning', 'all' => '1',
            ],
            'plans' => ['household' => 'x', 'stylist' => '1'],
            'reports', 'reports.csv' => ['from' => '2026-12-01', 'until' => '2027-01-01'],
            'products.create' => ['head' => $this->test->head->id],
            'products.mix' => [
                'title' => 'A',
                'carrier' => 'water',
                'total_ml' => '100',
                'use' => 'scalp',
                'for' => 'pregnancy',
                'parts' => [['name' => 'Honey', 'percent' => '2']],
            ],
            'products.book' => ['search' => 'oil', 'function' => 'humectant'],
            'clients.index' => ['search' => 'V'],
            'clients.plan.what-if' => ['change' => 'wash-every', 'number' => '5'],
            'clients.trends' => ['group' => 'hair'],
            'clients.history.cause' => ['of' => 'breakage'],
            'clients.pictures' => ['left' => 'x', 'right' => 'y'],
            'clients.hair-tests', 'clients.hair-tests.zones' => ['moment' => 'before-cleansing', 'test' => 'dryness'],
            'clients.wash' => ['limit' => '60', 'drying' => 'air', 'styling' => 'rake'],
            'clients.history.ledger' => ['weeks' => '4', 'from' => '2026-12-01'],
            default => ['date' => '2027-01-01', 'page' => '1'],
        };
    }

    /** @return array<string, mixed> what a form of this address holds */
    public function body(string $name): array
    {
        if (str_starts_with($name, 'api.') || str_starts_with($name, 'salon.connections')) {
            return ProgramForms::body($name, $this->test);
        }
        $today = $this->test->salon->today()->format('Y-m-d');
        $method = array_map(
            fn (MethodQuestion $question): string => $question->choices()[0],
            array_combine(array_column(MethodQuestion::cases(), 'value'), MethodQuestion::cases()),
        );
        $stylist = (string) $this->test->stylist->id;
        $sitting = ['visit' => strtolower(
            (string) Str::ulid(),
        ), 'date' => $today, 'moment' => 'before-cleansing', 'zone' => 'crown', 'because' => 'slipped', 'version' => '0', 'asked' => ['x'], 'unit' => ['length' => 'mm'], 'took' => ['dryness' => '12'], 'skip' => [
            'feel' => 'no-time',
        ], 'taps' => ['ends' => '[1]'],
            'raw' => [
                'dryness' => ['points' => '4'],
                'wet-stretch' => ['hairs' => [
                    ['rest_mm' => '100', 'stretched_mm' => '140', 'returned_mm' => '102', 'snapped' => '0'],
                ]],
                'detangling' => ['minutes' => '20', 'sections' => '4', 'knots_cut' => '0'],
            ], 'zones' => ['crown' => ['dryness' => ['points' => '3']]]];

        return match ($name) {
            'clients.store',
            'clients.update' => $this->test->intake([
                'notebook' => [['what' => 'trim', 'date' => '2026-12-01', 'millimetres' => '10', 'approximate' => '1']],
                'method' => $method,
                'email' => 'a@b.example',
                'phone' => '+351 912 345',
                'reminded_by' => 'mail',
                'household' => 'x',
                'goals' => 'x',
                'allergies' => 'x',
                'zones_are' => 'changed',
                'zones_since' => '2026-12-01',
            ]),
            'bookings.store' => [
                'head' => $this->test->head->id, 'service' => '1', 'date' => '2027-01-11', 'time' => '10:00',
                'stylist' => $stylist, 'slot' => "2027-01-11 10:00 {$stylist}",
            ],
            'waits.store' => [
                'head' => $this->test->head->id, 'service' => '1', 'with' => $stylist, 'part' => 'morning',
                'from' => $today, 'until' => $today,
            ],
            'bookings.exchange' => ['sequence' => '0', 'with' => '01hzzzzzzzzzzzzzzzzzzzzzzz 0'],
            'bookings.caller' => [
                'name' => 'Bruna', 'phone' => '+351 555 0101', 'written_to' => '1', 'service' => '1',
                'date' => '2027-01-11',
            ],
            'bookings.times' => ['began' => '9:05', 'ended' => '10:40', 'sequence' => '0'],
            'today.handover.store' => ['slots' => ["01hzzzzzzzzzzzzzzzzzzzzzzz 0 10:00 {$stylist}"]],
            'bookings.together' => [
                'head' => $this->test->head->id, 'also' => [$this->test->head->id], 'service' => '1', 'drying' => 'hood',
                'slot' => "2027-01-11 10:00 {$stylist},10:30 {$stylist}",
            ],
            'bookings.series.store' => ['slots' => ["2027-02-08 10:00 {$stylist}", "2027-03-08 10:00 {$stylist}"]],
            'bookings.end' => ['what' => 'through', 'began' => '9:05', 'ended' => '10:40', 'sequence' => '0'],
            'bookings.bill' => [
                'price' => '65.50', 'discount' => '10 %', 'discount_because' => 'first', 'deposit' => '20',
                'deposit_state' => 'paid', 'sequence' => '0',
            ],
            'bookings.update' => ['date' => '2027-01-11', 'time' => '10:00', 'stylist' => $stylist, 'sequence' => '0'],
            'bookings.note' => [
                'what' => 'later', 'sequence' => '0', 'expected' => '11:30', 'because' => 'rain', 'stylist' => $stylist,
                'following' => '1',
            ],
            'salon.update' => [
                'name' => 'Salon', 'phone' => '+351 555 0100', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => '100',
                'humidity_percent' => '50', 'currency' => 'EUR', 'climate' => 'none', 'method' => $method,
            ],
            'salon.hours.update' => [
                'chairs' => '3', 'basins' => '2', 'dryers' => '2', 'hoods' => '1', 'late_cancel_hours' => '24',
                'missed_from' => '2', 'missed_rule' => 'A deposit.', 'tax' => '23', 'tax_added' => '1',
                'hours' => [$stylist => [1 => '9:00–12:00']],
                'services' => [
                    'new1' => ['id' => '', 'name' => 'Cut', 'minutes' => '30', 'price' => '20', 'is_wash_day' => '0', 'does' => 'trim',
                        'quarter' => '5', 'long_from' => '35', 'step' => '4', 'deposit' => '10'],
                ],
            ],
            'salon.leave' => [
                'leave_of' => $stylist,
                'leave_from' => $today,
                'leave_until' => $today,
                'leave_from_time' => '14:00',
                'leave_until_time' => '17:00',
                'leave_because' => 'sea',
            ],
            'salon.messages.update' => ['quiet_from' => '21:00', 'quiet_until' => '8:00', 'outbox' => 'works'],
            'clients.consent.give' => ['purpose' => 'record', 'given_by' => 'Vesla', 'agreed' => '1'],
            'salon.consent.update' => ['wording_record_en' => 'I may take this back whenever I wish so.'],
            'salon.data.forget' => ['forget_after_years' => '7'],
            'salon.data.take' => ['again' => '1'],
            'salon.data.columns' => [
                'subject' => 'treatments', 'order' => 'day-first', 'sheet' => '0', 'header' => '0',
                'columns' => ['name', 'phone', 'day'], 'words' => ['treatment' => ['0123456789ab' => 'mask']],
            ],
            'products.store',
            'products.update' => [
                'name' => 'Mask', 'kind' => 'mask', 'ingredients' => 'Aqua, Glycerin', 'claims' => ['protein-free'],
                'barcode' => '12345', 'size_ml' => '500', 'pump_ml' => '2', 'price' => '12.50', 'opened_on' => $today,
                'months_open' => '12', 'made_on' => $today, 'keeps_days' => '5', 'batch' => 'B1',
                'head_id' => $this->test->head->id,
            ],
            'products.stock' => ['how' => 'bought', 'amount' => '100'],
            'products.recall' => ['because' => 'glass'],
            'products.teach' => ['name' => 'Kelp', 'also' => 'Weed', 'function' => 'humectant', 'strength' => 'mild'],
            'practice.store' => ['seed' => '7', 'case' => '', 'lived' => ''],
            'practice.drills.store' => ['kind' => 'stretch', 'answer' => ['0' => 'stiff', '1' => '']],
            'practice.tests' => ['turn' => '0', 'take' => ['dryness']],
            'practice.visit' => [
                'turn' => '0', 'sure' => ['dry' => '9', 'in-balance' => '3'], 'porosity' => 'low', 'wash' => '1',
                'cleanse' => 'gentle', 'passes' => '1', 'pre_wash' => 'oil', 'protein' => 'mild-protein',
                'mask_minutes' => '10', 'mask_bottle' => 'soft-mask', 'protein_bottle' => 'keratin-treatment', 'heat' => '0', 'scalp_oil' => '0', 'at_home' => '1', 'home_every' => '7',
                'home_cleanse' => 'gentle', 'home_mask_bottle' => 'repair-mask', 'home_mask_every' => '2', 'home_mask_minutes' => '15',
                'home_protein_every' => '0', 'home_clarify_every' => '0', 'home_oil' => '0',
            ],
            'clients.delete' => ['name' => 'nobody'],
            'clients.reactions' => ['product_id' => '', 'ingredient' => 'Limonene', 'what' => 'itched', 'on' => $today],
            'clients.pictures.store' => [
                'kind' => 'after',
                'taken_on' => $today,
                'consent' => '1',
                'consent_by' => 'Vesla',
            ],
            'clients.safety-flags.raise' => ['sign' => 'red', 'seen' => 'a spot'],
            'clients.safety-flags.judge' => [
                'clearance' => '1',
                'what' => 'withdraw',
                'because' => 'a hat that rubbed',
            ],
            'clients.safety-flags.clear' => ['sign' => 'red', 'cleared_by' => 'Dr Adeyemi', 'cleared_on' => $today],
            'clients.plan.wishes' => [
                'wish' => 'leave-out', 'wish_what' => 'mask', 'wish_from' => $today, 'wish_until' => $today,
                'wish_days' => '3', 'seen' => '0',
            ],
            'clients.plan.what-if.use' => ['change' => 'wash-every', 'number' => '6'],
            'clients.plan.preview',
            'clients.plan.act' => [
                'date' => $this->test->head
                    ->planItems()
                    ->where('status', 'planned')
                    ->firstOrFail()->date
                    ->format('Y-m-d'),
                'act' => 'move',
                'value' => '1',
                'seen' => '0',
            ],
            'clients.plan.undo', 'clients.plan.redo', 'clients.plan.without' => ['seen' => '0'],
            'clients.plan.wishes.without' => ['seen' => '0'],
            'clients.plan.occasion' => [
                'occasion' => 'best-day',
                'occasion_from' => '2027-02-01',
                'occasion_until' => '2027-02-02',
                'occasion_what' => 'dance',
            ],
            'clients.plan-terms.update' => [
                'away' => [['from' => '2027-02-01', 'until' => '2027-02-03']],
                'salon_days' => '2027-02-10, 2027-03-10',
                'not_at_home' => ['heat'],
                'home_minutes_limit' => '60',
                'trim_goal' => 'keep',
                'weekday_minutes' => ['mon' => '30', 'sat' => '180', 'sun' => '0'],
                'stock' => ['mask' => '2'],
                'prices' => ['mask' => '2.5'],
                'patch_test_until' => ['mask' => '2027-02-01'],
            ],
            'clients.plan-terms.by-hand' => [
                'hand_date' => '2027-02-01', 'cleanse' => 'gentle', 'passes' => '1', 'mask_minutes' => '10',
                'protein' => 'mild-protein', 'heat' => '0', 'reason' => 'a wish',
            ],
            'clients.hair-tests.store', 'clients.hair-tests.draft', 'clients.history.update' => $sitting,
            'clients.instruments.on-picture' => [
                'what' => 'length',
                'scale_mm' => '100',
                'scale' => [[0, 0], [100, 0]],
                'taps' => [[0, 0], [50, 50]],
            ],
            'clients.wash.begin' => ['limit' => '60', 'drying' => 'air', 'styling' => 'rake'],
            'clients.wash.minutes' => ['minutes' => ['mask' => '20']],
            'clients.wash.finish' => ['minutes' => ['cleanse' => '5', 'mask' => '20']],
            'clients.hair-tests.acts' => [
                'device' => 'a',
                'acts' => [[
                    'key' => (string) Str::ulid(),
                    'kind' => 'visit',
                    'at' => now()->toIso8601String(),
                    'form' => http_build_query(is_array($sitting) ? $sitting : []),
                ]],
            ],
            'clients.wash.acts' => [
                'device' => 'a',
                'acts' => [[
                    'key' => (string) Str::ulid(),
                    'kind' => 'done',
                    'step' => 'cleanse',
                    'at' => now()->toIso8601String(),
                    'value' => ['ml' => 3, 'note' => 'knot', 'section' => 1],
                ]],
            ],
            'card.acts' => [
                'acts' => [[
                    'key' => (string) Str::ulid(),
                    'kind' => ['wash-day', 'reading', 'style', 'picture'][crc32($today . getenv('NAGOMI_SEED')) % 4],
                    'date' => $today,
                    'value' => [
                        'uid' => 'x', 'steps' => [0, 1], 'test' => 'feel', 'raw' => ['points' => 3],
                        'what' => 'refreshed', 'picture' => 'data:image/png;base64,AAAA', 'agreed' => true,
                    ],
                ]],
            ],
            'clients.home-routine.link' => ['days' => '30'],
            'clients.trials.store' => [
                'kind' => 'half-head', 'change' => 'satin', 'sign' => 'frizz', 'began_on' => $today,
                'usual_zone' => 'left', 'changed_zone' => 'right',
            ],
            'clients.programmes.begin' => [
                'programme' => 'no-protein',
                'weeks' => '4',
                'programme_sign' => 'frizz',
                'programme_from' => $today,
            ],
            'clients.style.begin' => ['styling' => 'twists', 'on' => $today, 'stays_days' => '20'],
            'clients.style.keep' => ['what' => 'refreshed', 'on' => $today],
            'clients.style.end' => ['on' => $today],
            'clients.wash-days.store' => [
                'date' => $today, 'place' => 'home', 'pre_wash' => 'oil', 'pre_wash_minutes' => '30',
                'cleanse' => 'gentle', 'passes' => '1', 'protein' => 'mild-protein', 'protein_minutes' => '5',
                'conditioning' => 'mask', 'conditioning_minutes' => '20', 'heat' => '1', 'detangle_minutes' => '20',
                'tool' => 'comb', 'detangling' => 'wet-with-slip', 'leave_in' => '1', 'seal' => '1', 'trim_mm' => '10',
                'heat_tool' => 'high', 'up_style' => 'tight', 'swim' => 'sea', 'wetting' => '1', 'chemical' => '0',
                'cleanse_product' => 'x',
            ],
            'language' => ['language' => 'en'],
            'salon.invitations.store' => ['invite_name' => 'Odd', 'invite_email' => 'odd@quay.example'],
            'salon.people.role' => ['role' => 'apprentice'],
            'clients.contact.update' => ['name' => 'Vesla', 'phone' => '+351 210 000 999', 'reminded_by' => 'text'],
            'account.confirm.store' => ['current' => 'a-long-password'],
            'account.salon' => ['seat' => '1'],
            'account.second-step.confirm', 'sign-in.check' => ['code' => '123456'],
            'account.password' => ['current' => 'a-long-password', 'password' => 'lamp ferry moss'],
            'begin.restore' => ['archive_code' => 'ABCD-2345'],
            'begin.store' => ['code' => 'ABCD-2345', 'name' => 'Quay', 'owner' => 'Odd', 'email' => 'odd@quay.example'],
            'sign-in' => ['email' => 'ilse@test.example', 'password' => 'wrong-password'],
            default => ['x' => '1'],
        };
    }
}
