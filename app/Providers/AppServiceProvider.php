<?php

declare(strict_types=1);

namespace App\Providers;

use App\Bridge\Accounts\OpenSessions;
use App\Bridge\Accounts\SessionsInDatabase;
use App\Bridge\Accounts\SessionsInRedis;
use App\Bridge\Learning\SalonParameters;
use App\Bridge\Plans\SeasonPlanned;
use App\Care\Products\MaskLabels;
use App\Care\Programs\Announcer;
use App\Care\Scheduling\RequotedBookings;
use App\Care\Shared\RollbackOnlyConnection;
use App\Channels\Outbox;
use App\Channels\OutboxMailTransport;
use App\Http\Sessions\RedisSessionHandler;
use App\Jobs\DeliverWebhook;
use App\Models\Ability;
use App\Models\AccessToken;
use App\Models\Booking;
use App\Models\Head;
use App\Models\Product;
use App\Models\User;
use App\Models\WebhookDelivery;
use Carbon\CarbonImmutable;
use Carbon\Translator;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Wording\Sentences;
use PDO;
use Symfony\Component\HttpClient\HttpClient;
use Symfony\Component\HttpClient\NoPrivateNetworkHttpClient;
use Symfony\Contracts\HttpClient\HttpClientInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'mariadb',
            static fn (Closure|PDO $pdo, string $database, string $prefix, array $config): RollbackOnlyConnection
                => new RollbackOnlyConnection($pdo, $database, $prefix, $config),
        );
        $this->app->singleton(Parameters::class, fn (): Parameters => Parameters::shipped());
        $this->app->singleton(SalonParameters::class);
        $this->app->singleton(Sentences::class, fn (): Sentences => new Sentences(self::line(...)));
        $this->app->scoped(Announcer::class);
        $this->app->bind(OpenSessions::class, static fn (Application $app): OpenSessions
            => $app->make(config('session.driver') === 'redis' ? SessionsInRedis::class : SessionsInDatabase::class));
        $this->app->bind(HttpClientInterface::class, static fn (): HttpClientInterface
            => config()->boolean('api.webhooks_to_private_addresses')
                ? HttpClient::create()
                // Also where a name leads to such an address only when it is asked for.
                : new NoPrivateNetworkHttpClient(HttpClient::create()));
        $this->app->bind(SeededRandom::class, fn (): SeededRandom => new SeededRandom(random_int(0, PHP_INT_MAX)));
    }

    /** Short names of days and months stand within sentences, which have dots of their own. */
    private static function setDaysWithoutDots(): void
    {
        $translator = CarbonImmutable::getTranslator();
        if ($translator instanceof Translator) {
            $translator->resetMessages('es');
            $short = Arr::only($translator->getMessages('es'), ['months_short', 'weekdays_short']);
            $translator->setMessages('es', array_map(
                static fn (mixed $names): array => array_map(
                    static fn (mixed $name): string => is_string($name) ? rtrim($name, '.') : '',
                    (array) $names,
                ),
                $short,
            ));
        }
    }

    /** The line of what the core says, or of what the application adds to it, in the language of the moment. */
    private static function line(string $key): ?string
    {
        foreach (["core/{$key}", $key] as $place) {
            $line = trans($place);
            if (is_string($line) && $line !== $place) {
                return $line;
            }
        }

        return null;
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        self::setDaysWithoutDots();
        URL::setKeyResolver(static fn (): array => [
            config()->string('app.link_key'), ...config()->array('app.previous_keys'),
        ]);
        // asset('js/screens/now.js') names the file as it is now, so that a browser may keep it for good.
        URL::useAssetOrigin('/a/' . config()->string('app.asset_version'));
        // Lazy loading would hide an N+1; a missing or unfillable attribute is a mistake of ours.
        Model::shouldBeStrict(! $this->app->environment('production'));
        foreach (Ability::cases() as $ability) {
            Gate::define($ability->value, static fn (User $user): bool => $user->role->may($ability));
        }
        Product::observe(MaskLabels::class);
        Head::observe(Announcer::class);
        Booking::observe(Announcer::class);
        WebhookDelivery::created(static fn (WebhookDelivery $made) => DeliverWebhook::dispatch(
            $made->id,
            $made->salon_id,
        ));
        Sanctum::usePersonalAccessTokenModel(AccessToken::class);
        Event::listen(SeasonPlanned::class, [RequotedBookings::class, 'handle']);
        Mail::extend('outbox', fn (): OutboxMailTransport => new OutboxMailTransport(new Outbox()));
        Session::extend('redis', static fn (Application $app): RedisSessionHandler
            => $app->make(RedisSessionHandler::class));
        self::setLimits();
    }

    private static function setLimits(): void
    {
        // A home card is opened a few times a day; whoever guesses at links is soon told to wait.
        RateLimiter::for(
            'calendars',
            fn (Request $request): array => [Limit::perMinute(120)->by((string) $request->ip())],
        );
        RateLimiter::for('card', fn (Request $request): array => [Limit::perMinute(60)->by((string) $request->ip())]);
        RateLimiter::for('api', function (Request $request): array {
            $user = $request->user();
            $token = $user instanceof User ? $user->currentAccessToken() : null;

            return [
                Limit::perMinute(config()->integer('api.requests_per_minute'))
                    ->by('token ' . ($token instanceof AccessToken ? $token->id : $request->ip())),
            ];
        });
        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(config()->integer('auth.sign_ins_per_minute'))->by((string) $request->ip()),
        ]);
    }
}
