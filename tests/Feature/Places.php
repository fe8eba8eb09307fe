<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Care\Practice\LivedCases;
use App\Care\Programs\AccessTokens;
use App\Care\Programs\Webhooks;
use App\Models\AccessToken;
use App\Models\Booking;
use App\Models\Consent;
use App\Models\Deletion;
use App\Models\DeliveryState;
use App\Models\HomeLink;
use App\Models\Import;
use App\Models\Invitation;
use App\Models\Learning;
use App\Models\Leave;
use App\Models\Picture;
use App\Models\PlayedCase;
use App\Models\Product;
use App\Models\Programme;
use App\Models\Reminder;
use App\Models\Role;
use App\Models\Salon;
use App\Models\Service;
use App\Models\TaughtIngredient;
use App\Models\TokenAbility;
use App\Models\Trial;
use App\Models\User;
use App\Models\Wait;
use App\Models\WashSession;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Models\WebhookEvent;
use App\Models\WorkingHours;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** A salon in which every route leads somewhere: a client, a booking, a bottle, a colleague. */
final class Places
{
    /** @var array<string, string> what stands in an address, by its name there */
    private array $is;

    public function __construct(FeatureTestCase $test, ?Salon $salon = null)
    {
        $salon ??= $test->salon;
        $stylist = User::query()->where('salon_id', $salon->id)->firstOrFail();
        $head = $test->aHead('mixed-porosity', $salon);
        $colleague = User::query()->create([
            'salon_id' => $salon->id, 'name' => 'Quim', 'email' => "quim-{$salon->id}@test.example",
            'password' => 'a-long-password', 'role' => Role::Stylist,
        ]);
        $of = static fn (string $model, array $columns): object => tap(
            (new $model())->forceFill($columns + ['salon_id' => $salon->id]),
        )->save();
        $of(WorkingHours::class, [
            'user_id' => $stylist->id, 'weekday' => 6, 'from_minute' => 540, 'until_minute' => 1080,
        ]);
        $service = $of(Service::class, [
            'name' => 'Wash day', 'is_wash_day' => true, 'minutes' => 120, 'price_cents' => 5000,
        ]);
        $product = $of(Product::class, [
            'name' => 'Barrel', 'kind' => 'mask', 'ingredients' => 'Aqua', 'claims' => [], 'size_ml' => 500,
            'left_ml' => 300, 'reading' => [], 'price_cents' => 1000,
        ]);
        $booking = $of(Booking::class, [
            'head_id' => $head->id, 'user_id' => $stylist->id, 'service' => 'Wash day', 'is_wash_day' => true,
            'date' => '2027-01-09', 'starts_at' => '2027-01-09 14:00', 'stretches' => [], 'minutes' => 120,
            'price_cents' => 5000, 'status' => 'booked', 'changed_by' => 'Ilse',
        ]);
        $leave = $of(Leave::class, [
            'user_id' => $stylist->id, 'from' => '2027-03-01', 'until' => '2027-03-02',
        ]);
        $link = $of(HomeLink::class, ['head_id' => $head->id, 'by' => 'Ilse', 'expires_at' => now()->addDay()]);
        $invitation = $of(Invitation::class, [
            'email' => "odd-{$salon->id}@test.example", 'name' => 'Odd', 'expires_at' => now()->addDay(),
        ]);
        $visit = $head->visits()->firstOrFail();
        $ofHead = static fn (string $model, array $columns): object => $of($model, $columns + ['head_id' => $head->id]);
        $this->is = array_map(strval(...), [
            'import' => $of(Import::class, [
                'user_id' => $stylist->id, 'name' => 'clients.csv', 'found' => [],
            ])->getKey(),
            'deletion' => $of(Deletion::class, [
                'by' => 'Ilse', 'before' => [], 'after' => [], 'files_before' => 0, 'files_after' => 0,
                'deleted_at' => now(),
            ])->getKey(),
            'livedCase' => app(LivedCases::class)->make($head)->id,
            'playedCase' => $of(PlayedCase::class, [
                'user_id' => $stylist->id, 'seed' => 7, 'from_on' => '2027-01-09', 'begun_at' => now(),
            ])->getKey(),
            'learning' => $of(Learning::class, [
                'asked_by' => 'Ilse', 'asked_at' => now(), 'worked_on_at' => now(), 'ended_at' => now(), 'heads' => 4,
                'factors' => ['slopes' => ['log' => 0.0, 'sd' => 0.2, 'weight' => 0.3]],
            ])->getKey(),
            'taught' => $of(TaughtIngredient::class, [
                'name' => 'Kelp', 'also' => [], 'functions' => [], 'by' => 'Ilse',
            ])->getKey(),
            'trial' => $ofHead(Trial::class, [
                'kind' => 'before-after', 'change' => 'Gel', 'sign' => 'dryness', 'began_on' => '2027-01-02',
                'by' => 'Ilse',
            ])->getKey(),
            'programme' => $ofHead(Programme::class, [
                'kind' => 'weekly-mask', 'sign' => 'dryness', 'began_on' => '2027-01-02', 'weeks' => 4, 'by' => 'Ilse',
            ])->getKey(),
            'consent' => $ofHead(Consent::class, [
                'purpose' => 'pictures', 'wording' => 'x', 'given_by' => 'Vesla', 'given_on' => '2027-01-02',
                'taken_by' => 'Ilse',
            ])->getKey(),
            'picture' => $ofHead(Picture::class, [
                'taken_on' => '2027-01-02', 'kind' => 'hair', 'consent_by' => 'Vesla', 'consent_on' => '2027-01-02',
                'by' => 'Ilse', 'width' => 10, 'height' => 10,
            ])->getKey(),
            'washSession' => $ofHead(WashSession::class, [
                'date' => '2026-12-01', 'plan' => ['steps' => [], 'minutes' => 60], 'by' => 'Ilse',
                'finished_at' => now(),
            ])->getKey(),
            'reminder' => $ofHead(Reminder::class, [
                'occasion' => "test {$head->id}", 'kind' => 'day-before', 'due_at' => now()->addDay(),
            ])->getKey(),
            'wait' => $ofHead(Wait::class, [
                'service_id' => $service->getKey(), 'from' => '2027-01-11', 'until' => '2027-01-20', 'stretches' => [],
            ])->getKey(),
            ...self::connections($colleague),
            'head' => $head->id, 'booking' => $booking->id, 'product' => $product->id, 'link' => $link->id,
            'leave' => $leave->id, 'invitation' => $invitation->id, 'user' => $colleague->id, 'visit' => $visit->id,
            'reading' => $head->readings->first()->key, 'washDay' => $head->washDays->first()->key,
            'date' => '2027-01-12', 'moment' => 'home', 'zone' => 'crown', 'device' => 'scale', 'place' => '0',
        ]);
    }

    public function path(string $uri): string
    {
        return '/' . preg_replace_callback(
            '/\{(\w+)(?::\w+)?\??\}/',
            fn (array $name): string => $this->is[$name[1]] ?? '1',
            $uri,
        );
    }

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $page
     *
     * @return list<array{string, string}> method and address of every link and form, and of what finds pages by name
     */
    public static function waysOf(TestResponse $page): array
    {
        $type = (string) $page->headers->get('Content-Type');
        if (str_contains($type, 'json')) {
            return array_map(static fn (array $one): array => ['GET', $one['href']], $page->json('found') ?? []);
        }
        if (! str_contains($type, 'html') || $page->status() !== 200) {
            return [];
        }
        $document = new DOMDocument();
        @$document->loadHTML('<?xml encoding="utf-8">' . $page->getContent());
        $ways = [];
        foreach ((new DOMXPath($document))->query('//a[@href] | //form[@action] | //*[@data-act]') ?: [] as $element) {
            assert($element instanceof DOMElement);
            $hidden = (new DOMXPath($document))->evaluate('string(.//input[@name="_method"]/@value)', $element);
            $ways[] = match (true) {
                $element->tagName === 'a' => ['GET', $element->getAttribute('href')],
                $element->tagName === 'form' => [
                    strtoupper($hidden ?: ($element->getAttribute('method') ?: 'get')),
                    $element->getAttribute('action'),
                ],
                default => ['POST', $element->getAttribute('data-act')],
            };
        }

        return array_values(array_filter($ways, static fn (array $way): bool => ! str_starts_with($way[1], '#')));
    }

    /** @return string|null the route's name; null where the address is none of ours */
    public static function routeOf(string $method, string $address): ?string
    {
        try {
            return Route::getRoutes()->match(Request::create($address, $method))->getName();
        } catch (HttpExceptionInterface) {
            return null;
        }
    }

    /** @return array<string, string> of other programs, set up by somebody */
    private static function connections(User $by): array
    {
        app(AccessTokens::class)->give($by, 'Website', [TokenAbility::ReadBookings], 30);
        app(Webhooks::class)->add($by, 'https://books.example/', [WebhookEvent::BookingDone]);
        $webhook = Webhook::query()->withoutGlobalScopes()->latest('id')->firstOrFail();
        $delivery = WebhookDelivery::query()->create([
            'salon_id' => $by->salon_id, 'webhook_id' => $webhook->id, 'event' => 'booking.done', 'body' => '{}',
            'state' => DeliveryState::Failed, 'due_at' => now(),
        ]);

        return [
            'accessToken' => (string) AccessToken::query()->withoutGlobalScopes()->latest('id')->firstOrFail()->id,
            'webhook' => (string) $webhook->id, 'webhookDelivery' => $delivery->id,
        ];
    }
}
