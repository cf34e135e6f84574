<?php

declare(strict_types=1);

use App\Http\Behind;
use App\Http\Middleware\BodyLimit;
use App\Http\Middleware\KeepsFlash;
use App\Http\Middleware\KnowsDevice;
use App\Http\Middleware\PlainSession;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SoundText;
use App\Http\Middleware\SpeaksUnits;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Illuminate\View\Middleware\ShareErrorsFromSession;
use Symfony\Component\HttpFoundation\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: static function (): void {
            if (getenv('OLD_EDDY_BENCH') === '1') {
                Route::middleware('bare')->group(__DIR__.'/../routes/bench.php');
            }
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Same-origin application: nothing to share across origins.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(BodyLimit::class);
        $middleware->prepend(SecurityHeaders::class);
        $middleware->encryptCookies(except: ['scheme']);
        $middleware->web(append: [KnowsDevice::class, SpeaksUnits::class, KeepsFlash::class, SoundText::class]);
        $middleware->group('bare', [
            EncryptCookies::class, AddQueuedCookiesToResponse::class, PlainSession::class, StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class,
            SubstituteBindings::class,
        ]);
        // Addresses that were never said to be ours are not answered, and so never written into a page.
        $middleware->trustHosts(at: static fn (): array => array_map(static fn (string $host): string => '^'.preg_quote($host, '/').'$', config('app.hosts')), subdomains: false);
        $middleware->redirectGuestsTo(fn (Request $request): string => route('sign-in'));
        $middleware->redirectUsersTo(fn (Request $request): string => route('days'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What was typed comes back after an error; what was no typing, such as a list where a word belongs, does not.
        $exceptions->render(function (ValidationException $e, Request $request): ?Response {
            if ($request->expectsJson() || $e->response !== null || ! $request->hasSession()) {
                return null;
            }
            $input = Arr::except($request->input(), ['password', 'password_confirmation', 'current_password', 'new_password', 'end_password', 'code']);
            foreach (array_keys($e->errors()) as $field) {
                if (! is_scalar(Arr::get($input, $field))) {
                    Arr::forget($input, $field);
                }
            }
            $input = array_filter($input, static fn (mixed $value, string|int $field): bool => is_scalar($value) || (is_array($value) && in_array($field, ['cover', 'dock', 'wish', 'schools', 'sections', 'columns', 'spots', 'least', 'lines'], true)), ARRAY_FILTER_USE_BOTH);
            array_walk_recursive($input, static fn (mixed & $value) => $value = is_string($value) ? mb_scrub($value) : $value);

            return redirect($e->redirectTo ?? url()->previous())->withInput($input)->withErrors($e->errors(), $e->errorBag);
        });
        $exceptions->shouldRenderJsonWhen(
            // Led to the sign-in, what is fetched behind the page would be where the angler finds himself after it.
            fn (Request $request): bool => $request->expectsJson() || Behind::is($request),
        );
    })
    ->create();
