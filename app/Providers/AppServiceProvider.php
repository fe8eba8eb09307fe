<?php

declare(strict_types=1);

namespace App\Providers;

use Carbon\CarbonImmutable;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        // Lazy loading would hide an N+1; a missing or unfillable attribute is a mistake of ours.
        Model::shouldBeStrict(! $this->app->environment('production'));
        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(30)->by((string) $request->ip()),
        ]);
    }
}
