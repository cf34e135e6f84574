<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Support\Facades\Session;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page fetched to be kept on the device is seen by nobody. It must not use up what the next page was to say, nor write
 * its older session over one that was changed meanwhile: its session is read and not written.
 */
final class KeepsFlash
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->hasHeader('X-Keeps-Page')) {
            Session::setHandler(new NullSessionHandler);
        }

        return $next($request);
    }
}
