<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\BoxItem;
use App\Models\Lake;
use App\Models\Trip;
use App\Models\User;
use App\Show\Units;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\View\View as ViewInstance;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->environment('production'));
        // A day is only ever found among the angler's own: other people's ids do not exist for them.
        Route::bind('trip', fn (string $id): Trip => Trip::query()->where('user_id', Auth::id())->findOrFail((int) $id)->setRelation('user', Auth::user()));
        Route::bind('item', fn (string $id): BoxItem => BoxItem::query()->where('user_id', Auth::id())->findOrFail((int) $id)->setRelation('user', Auth::user()));
        Route::bind('lake', fn (string $id): Lake => Lake::query()->where('user_id', Auth::id())->findOrFail((int) $id, Lake::LIGHT));
        TrustProxies::at(config('app.proxies'));
        // A hand that drags asks some ten times a second.
        RateLimiter::for('first-look', fn (Request $request): Limit => Limit::perMinute(900)->by((string) $request->ip()));
        RateLimiter::for('account', fn (Request $request): Limit => Limit::perMinute(20)->by((string) $request->user()?->id));
        RateLimiter::for('shared', fn (Request $request): Limit => Limit::perMinute(120)->by((string) $request->ip()));
        RateLimiter::for('register', fn (Request $request): Limit => Limit::perMinute(config('app.registrations_per_minute'))->by((string) $request->ip()));
        View::composer('*', function (ViewInstance $view): void {
            $angler = Auth::user();
            // A report is read in the units of whoever wrote it.
            if (! $view->offsetExists('units')) {
                $view->with('units', new Units($angler instanceof User && $angler->isMetric()));
            }
        });
    }
}
