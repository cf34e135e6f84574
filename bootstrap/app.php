<?php

declare(strict_types=1);

use App\Http\Behind;
use App\Http\BusyAnswer;
use App\Http\Middleware\BodyLimit;
use App\Http\Middleware\KeepsFlash;
use App\Http\Middleware\KnowsDevice;
use App\Http\Middleware\PlainSession;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SoundText;
use App\Http\Middleware\SpeaksUnits;
use App\Models\FailedStatement;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Illuminate\View\Middleware\ShareErrorsFromSession;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

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

            // Back to a page of ours: whoever sent somebody here does not say where he goes from here.
            $ours = static fn (string $url): bool => str_starts_with("{$url}/", $request->getSchemeAndHttpHost().'/');
            $back = $e->redirectTo ?? url()->previous();
            if ($request->isMethod('GET') && (! $ours($back) || $back === $request->fullUrl())) {
                $back = $request->url();
                if ($back === $request->fullUrl()) {
                    return new HttpResponse(view('errors.422', ['wrong' => Arr::flatten($e->errors())]), 422);
                }
            }

            return redirect($ours($back) ? $back : url('/'))->withInput($input)->withErrors($e->errors(), $e->errorBag);
        });
        // What failed is told without the values it carried: positions and passwords are nobody's but the angler's.
        $exceptions->report(static function (QueryException $e): false {
            FailedStatement::report($e);

            return false;
        });
        $exceptions->render(static fn (QueryException $e, Request $request): ?Response => BusyAnswer::to($e, $request));
        // No class of ours is named to a device.
        $exceptions->render(static fn (NotFoundHttpException $e, Request $request): ?Response => $request->expectsJson() || Behind::is($request)
            ? new JsonResponse(['message' => 'There is nothing at this address, or it is not yours.'], 404) : null);
        $exceptions->shouldRenderJsonWhen(
            // Led to the sign-in, what is fetched behind the page would be where the angler finds himself after it.
            fn (Request $request): bool => $request->expectsJson() || Behind::is($request),
        );
    })
    ->create();
