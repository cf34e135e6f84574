<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\SteadySession;
use App\Models\BoxItem;
use App\Models\Lake;
use App\Models\Trip;
use App\Show\Units;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->environment('production'));
        if (PHP_SAPI === 'fpm-fcgi') {
            self::keepConnection();
            self::waitBriefly();
        }
        // Whose a day is, its policy says (can:own, can:fish); all else is only ever found among the angler's own.
        Route::bind('trip', self::day(...));
        Route::bind('item', fn (string $id): BoxItem => BoxItem::query()->where('user_id', Auth::id())->findOrFail((int) $id)->setRelation('user', Auth::user()));
        Route::bind('lake', fn (string $id): Lake => Lake::query()->where('user_id', Auth::id())->findOrFail((int) $id, Lake::LIGHT));
        TrustProxies::at(config('app.proxies'));
        // A hand that drags asks some ten times a second.
        RateLimiter::for('first-look', fn (Request $request): Limit => Limit::perMinute(900)->by((string) $request->ip()));
        RateLimiter::for('account', fn (Request $request): Limit => Limit::perMinute(20)->by((string) $request->user()?->id));
        RateLimiter::for('shared', fn (Request $request): Limit => Limit::perMinute(120)->by((string) $request->ip()));
        RateLimiter::for('join', fn (Request $request): Limit => Limit::perMinute(10)->by((string) $request->ip()));
        RateLimiter::for('register', fn (Request $request): Limit => Limit::perMinute(config('app.registrations_per_minute'))->by((string) $request->ip()));
        // Before anybody is known, and for a page that says that there is nothing here.
        View::share('units', new Units(false));
        $this->callAfterResolving('session', static function (SessionManager $sessions): void {
            foreach (['file', 'database'] as $store) {
                $sessions->extend($store, static fn (Application $app): SteadySession => SteadySession::over($store, $app));
            }
        });
    }

    /** A web worker keeps its connection to the database from request to request; what a request left open in it is rolled back when that ends. */
    public static function keepConnection(): void
    {
        config(['database.connections.'.config('database.default').'.options.'.PDO::ATTR_PERSISTENT => true]);
    }

    /** A page waits for a row that somebody else holds no longer than this, and then says so: seconds. */
    private const ROW_S = 3;

    /** Somebody looks at a page and waits: it gives up soon, where the queue's worker is patient. */
    public static function waitBriefly(): void
    {
        $options = 'database.connections.'.config('database.default').'.options.';
        config([$options.PDO::MYSQL_ATTR_INIT_COMMAND => 'set session innodb_lock_wait_timeout = '.self::ROW_S, $options.PDO::ATTR_TIMEOUT => self::ROW_S]);
    }

    private static function day(string $id): Trip
    {
        $trip = Trip::query()->findOrFail((int) $id);

        return $trip->user_id === Auth::id() ? $trip->setRelation('user', Auth::user()) : $trip->load('user');
    }
}
