<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Session\FileSessionHandler;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Session;
use Symfony\Component\HttpFoundation\Response;

/** The page that bin/bench compares with has the framework's own session, kept apart from ours, and nothing of ours beside. */
final class PlainSession
{
    private const DRIVER = 'plain';

    public function handle(Request $request, Closure $next): Response
    {
        Session::extend(self::DRIVER, self::driver(...));
        Session::setDefaultDriver(self::DRIVER);

        return $next($request);
    }

    private static function driver(Application $app): FileSessionHandler
    {
        $folder = storage_path('framework/sessions/plain');
        File::ensureDirectoryExists($folder);

        return new FileSessionHandler($app['files'], $folder, (int) config('session.lifetime'));
    }
}
