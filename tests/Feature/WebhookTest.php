<?php

declare(strict_types=1);

/*
 * Other programs are told of what changed: for sure where it was kept, of nothing that was taken back, signed so that
 * another implementation agrees, again where nobody answered, and of nothing that is private.
 */

use App\Care\Imports\ImportUndo;
use App\Care\Programs\Announcer;
use App\Care\Programs\Deliveries;
use App\Care\Programs\Webhooks;
use App\Channels\WebhookSender;
use App\Jobs\DeliverWebhook;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\DeliveryState;
use App\Models\Import;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Models\WebhookEvent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\NoPrivateNetworkHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;
use Symfony\Component\Process\Process;
use Symfony\Contracts\HttpClient\HttpClientInterface;
use Tests\Feature\AskingProgram;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/ImportedTables.php';
require_once __DIR__ . '/OpenSalon.php';

beforeEach(function (): void {
    Queue::fake([DeliverWebhook::class]);
});

/** @param list<WebhookEvent>|null $events null: all */
function toldOf(FeatureTestCase $test, ?array $events = null, string $url = 'https://other.example/hook'): Webhook
{
    app(Webhooks::class)->add($test->stylist, $url, $events ?? WebhookEvent::cases());
    // What was known before is of the request before.
    app()->forgetInstance(Announcer::class);

    return Webhook::query()->withoutGlobalScope('salon')->latest('id')->firstOrFail();
}

/** @return list<string> events in the order they were noted */
function notedEvents(): array
{
    return WebhookDelivery::query()->withoutGlobalScope('salon')->orderBy('created_at')->orderBy('id')
        ->pluck('event')->all();
}

/** @param int|null $status null: nobody answers */
function answering(?int $status): void
{
    app()->instance(HttpClientInterface::class, new MockHttpClient(static fn (): MockResponse => $status === null
        ? new MockResponse('', ['error' => 'nobody there'])
        : new MockResponse('taken', ['http_code' => $status])));
}

function delivered(WebhookDelivery $delivery): WebhookDelivery
{
    app()->call([new DeliverWebhook($delivery->id, $delivery->salon_id), 'handle']);

    return $delivery->refresh();
}

it('notes each change once, with what it is about and nothing private', function (): void {
    openSalon($this);
    toldOf($this);
    $head = $this->aNewHead();
    $head->update(['phone' => '912 345 678', 'email' => 'vesla@home.example']);
    // What no program can read is nobody's business.
    $head->update(['health_notes' => 'a private word', 'sore_scalp' => true]);
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $booking = Booking::query()->sole();
    $this->put("/bookings/{$booking->id}", [
        'stylist' => (string) $booking->user_id, 'date' => '2027-01-11', 'time' => '14:00', 'sequence' => '0',
    ])->assertSessionHasNoErrors();
    $this->post("/bookings/{$booking->id}/notes", [
        'what' => 'cancel', 'because' => 'a private word', 'sequence' => '1',
    ]);
    $booking->refresh()->update(['status' => BookingStatus::Booked]);
    $booking->update(['status' => BookingStatus::Done]);
    $head->delete();
    expect(notedEvents())->toBe([
        'client.created', 'client.changed', 'booking.created', 'booking.changed', 'booking.cancelled',
        'booking.changed', 'booking.done', 'client.deleted',
    ]);
    $all = WebhookDelivery::query()->pluck('body')->implode(' ');
    foreach (['912', 'vesla', 'Vesla', $head->name, 'private'] as $word) {
        expect($all)->not->toContain($word);
    }
    Queue::assertPushed(DeliverWebhook::class, 8);
    // Each is what the document says it is.
    $schema = AskingProgram::document()->components->schemas->Event;
    foreach (WebhookDelivery::query()->get() as $delivery) {
        $body = json_decode($delivery->body);
        expect(array_keys((array) $body))->toBe($schema->required)->and($schema->properties->type->enum)
            ->toContain($body->type)->and($body->id)->toBe($delivery->id);
    }
    expect($schema->properties->type->enum)->toBe(array_column(WebhookEvent::cases(), 'value'));
});

it('tells only whom it is to, of what it is to, and nobody of what was taken back', function (): void {
    openSalon($this);
    toldOf($this, [WebhookEvent::BookingDone]);
    [$salon] = $this->salonWithStylist('other@test.example');
    $head = $this->aNewHead();
    $this->aNewHead('mixed-porosity', $salon);
    expect(notedEvents())->toBe([]);
    $stopped = toldOf($this, null, 'https://gone.example/hook');
    $stopped->update(['stopped_at' => now()]);
    app()->forgetInstance(Announcer::class);
    $head->update(['name' => 'Another']);
    expect(notedEvents())->toBe([]);
    toldOf($this);
    try {
        DB::transaction(function () use ($head): void {
            $head->update(['name' => 'A third']);
            expect(notedEvents())->toBe(['client.changed']);
            throw new RuntimeException('taken back');
        });
    } catch (RuntimeException) {
        expect(notedEvents())->toBe([]);
    }
});

it('tells that bookings of an import are gone when it is undone', function (): void {
    openSalon($this);
    $import = looked($this, "Name,Date,Time,Service,Staff\nMara Quint,2027-01-11,10:00,Dry cut,Ilse\n");
    toldOf($this);
    take($this, $import);
    app(ImportUndo::class)->of($import->refresh(), $this->salon);
    expect(notedEvents())->toContain('client.created', 'booking.created', 'booking.deleted', 'client.deleted')
        ->and(Booking::query()->count())->toBe(0)->and(Import::query()->count())->toBe(0);
});

it('is heard by a program that checks the signature, once each', function (): void {
    config(['api.webhooks_to_private_addresses' => true]);
    $port = 18900 + getmypid() % 90;
    $webhook = toldOf($this, null, "http://127.0.0.1:{$port}/hook");
    $file = (string) tempnam(sys_get_temp_dir(), 'told');
    $receiver = new Process(
        [PHP_BINARY, '-S', "127.0.0.1:{$port}", base_path('docs/examples/receive-webhooks.php')],
        env: ['NAGOMI_SECRET' => $webhook->secret, 'NAGOMI_RECEIVED' => $file],
    );
    $receiver->start();
    for ($i = 0; $i < 100 && @fsockopen('127.0.0.1', $port) === false; $i++) {
        usleep(50_000);
    }
    // The receiver's clock is the real one.
    $this->travelBack();
    try {
        $this->aNewHead();
        $delivery = WebhookDelivery::query()->sole();
        expect(delivered($delivery)->state)->toBe(DeliveryState::Delivered)->and($delivery->status)->toBe(204)
            ->and($delivery->attempts)->toBe(1)->and($delivery->sent_at)->not->toBeNull();
        app(Webhooks::class)->tellAgain($delivery);
        expect(delivered($delivery)->state)->toBe(DeliveryState::Delivered);
        // Twice told, taken once.
        expect(trim((string) file_get_contents($file)))->toBe($delivery->body);
        // Somebody else's secret is refused there, and the delivery waits.
        $webhook->update(['secret' => Webhooks::SECRET_PREFIX . base64_encode('somebody else’s')]);
        app(Webhooks::class)->tellAgain($delivery);
        expect(delivered($delivery)->state)->toBe(DeliveryState::Due)->and($delivery->status)->toBe(401);
    } finally {
        $receiver->stop(0);
    }
});

it('signs as OpenSSL does', function (): void {
    // The secret's Base64 is the key; the text is key of the message, moment and body with dots between (Standard
    // Webhooks, from memory). OpenSSL works the same out by itself.
    $key = random_bytes(32);
    $body = '{"id":"msg","type":"booking.created"}';
    $mine = WebhookSender::signature('whsec_' . base64_encode($key), 'msg_1', '1700000000', $body);
    $hex = bin2hex($key);
    $openssl = new Process(['openssl', 'dgst', '-sha256', '-mac', 'HMAC', '-macopt', "hexkey:{$hex}", '-binary']);
    $openssl->setInput("msg_1.1700000000.{$body}")->mustRun();
    expect($mine)->toBe('v1,' . base64_encode($openssl->getOutput()))
        ->and(WebhookSender::signature('whsec_' . base64_encode($key), 'msg_2', '1700000000', $body))->not->toBe($mine);
});

it('tries again, each time later, and gives up after two days', function (?int $status): void {
    answering($status);
    toldOf($this);
    $this->aNewHead();
    $delivery = WebhookDelivery::query()->sole();
    $waits = [];
    for ($i = 0; $i < 12 && $delivery->state !== DeliveryState::Failed; $i++) {
        $this->travelTo($delivery->due_at);
        expect(app(Deliveries::class)->due())->toBe([$delivery->id => $delivery->salon_id]);
        delivered($delivery);
        $waits[] = (int) CarbonImmutable::now()->diffInMinutes($delivery->due_at);
        // Not before its time.
        if ($delivery->state === DeliveryState::Due) {
            expect(app(Deliveries::class)->due())->toBe([])
                ->and(app(Deliveries::class)->claim($delivery->id))->toBeNull();
        }
    }
    expect($waits)->toBe([1, 5, 30, 120, 360, 720, 1440, 0])->and($delivery->attempts)->toBe(8)
        ->and($delivery->status)->toBe($status)->and($delivery->webhook->fresh()->failing_since)->not->toBeNull();
})->with([500, 404, 302, 401, null]);

it('tells nothing more to who is gone, or takes nothing for three days, until it is started again', function (): void {
    answering(410);
    $webhook = toldOf($this);
    $head = $this->aNewHead();
    $gone = delivered(WebhookDelivery::query()->sole());
    expect($gone->state)->toBe(DeliveryState::Failed)->and($webhook->refresh()->stopped_at)->not->toBeNull();
    app(Webhooks::class)->start($webhook);
    app()->forgetInstance(Announcer::class);
    answering(500);
    $head->update(['name' => 'Another']);
    $delivery = WebhookDelivery::query()->where('event', 'client.changed')->sole();
    delivered($delivery);
    $this->travelTo(CarbonImmutable::now()->addHours(73));
    expect(delivered($delivery)->state)->toBe(DeliveryState::Failed)
        ->and($webhook->refresh()->stopped_at)->not->toBeNull();
    // What was noted before it stopped is dropped when its turn comes.
    $late = WebhookDelivery::query()->create([
        'salon_id' => $this->salon->id, 'webhook_id' => $webhook->id, 'event' => 'client.changed', 'body' => '{}',
        'state' => DeliveryState::Due, 'due_at' => now(),
    ]);
    expect(delivered($late)->state)->toBe(DeliveryState::Failed)->and($late->attempts)->toBe(0);
    app(Webhooks::class)->start($webhook);
    answering(204);
    app(Webhooks::class)->tellAgain($delivery);
    expect(delivered($delivery)->state)->toBe(DeliveryState::Delivered)
        ->and($webhook->refresh()->failing_since)->toBeNull();
});

it('sends nothing twice at once, and again what a worker died over', function (): void {
    answering(204);
    toldOf($this);
    $this->aNewHead();
    $delivery = WebhookDelivery::query()->sole();
    expect(app(Deliveries::class)->claim($delivery->id))->not->toBeNull()
        ->and(app(Deliveries::class)->claim($delivery->id))->toBeNull()
        ->and(app(Deliveries::class)->due())->toBe([]);
    $this->travelTo(CarbonImmutable::now()->addMinutes(6));
    expect(app(Deliveries::class)->due())->toBe([$delivery->id => $delivery->salon_id])
        ->and(delivered($delivery)->state)->toBe(DeliveryState::Delivered);
    $this->travelTo(CarbonImmutable::now()->addDays(15));
    $this->artisan('model:prune', ['--model' => [WebhookDelivery::class]]);
    expect(WebhookDelivery::query()->count())->toBe(0);
});

it('tells no address of a private network, whatever its name', function (string $url): void {
    // The shipped client, with nobody behind it but one that remembers whom it was sent to.
    expect(app(HttpClientInterface::class))->toBeInstanceOf(NoPrivateNetworkHttpClient::class);
    $told = [];
    app()->instance(HttpClientInterface::class, new NoPrivateNetworkHttpClient(new MockHttpClient(
        function (string $method, string $url) use (&$told): MockResponse {
            $told[] = $url;

            return new MockResponse('', ['http_code' => 204]);
        },
    )));
    toldOf($this, null, $url);
    $this->aNewHead();
    $delivery = delivered(WebhookDelivery::query()->sole());
    expect($told)->toBe([])->and($delivery->status)->toBeNull()->and($delivery->state)->toBe(DeliveryState::Due);
})->with([
    'https://127.0.0.1:1/', 'https://localhost/', 'https://10.1.2.3/', 'https://192.168.0.1/', 'https://[::1]/',
    'https://169.254.169.254/latest/meta-data', 'https://[::ffff:127.0.0.1]/', 'https://0.0.0.0/',
    'https://2130706433/', 'https://172.16.0.9/',
]);

it('reaches nobody within the salon’s own network as it is shipped', function (): void {
    $server = stream_socket_server('tcp://127.0.0.1:0');
    $webhook = toldOf($this, null, 'http://' . stream_socket_get_name($server, false) . '/');
    $this->aNewHead();
    delivered(WebhookDelivery::query()->where('webhook_id', $webhook->id)->sole());
    expect(@stream_socket_accept($server, 0.2))->toBeFalse();
    // The same where it is allowed: somebody knocks.
    config(['api.webhooks_to_private_addresses' => true, 'api.webhook_timeout_seconds' => 1]);
    app(Webhooks::class)->tellAgain(WebhookDelivery::query()->sole());
    delivered(WebhookDelivery::query()->sole());
    expect(@stream_socket_accept($server, 0.2))->not->toBeFalse();
});
