<?php

declare(strict_types=1);

use App\Http\Middleware\BodyLimit;
use App\Http\Middleware\KeepsFlash;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Same-origin application: nothing to share across origins.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(BodyLimit::class);
        $middleware->encryptCookies(except: ['scheme']);
        $middleware->web(append: [SecurityHeaders::class, KeepsFlash::class]);
        $middleware->redirectGuestsTo(fn (Request $request): string => route('sign-in'));
        $middleware->redirectUsersTo(fn (Request $request): string => route('days'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(
            fn (Request $request): bool => $request->expectsJson(),
        );
    })
    ->create();
