<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Support\Facades\Session;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page fetched to be kept on the device is seen by nobody, and what a script fetches beside a page is no page. Neither may use up what the
 * next page was to say, nor write its older session over one that was changed meanwhile: the session is read and not written.
 */
final class KeepsFlash
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->hasHeader('X-Keeps-Page') || $this->isBeside($request)) {
            Session::setHandler(new NullSessionHandler);
        }

        return $next($request);
    }

    /** Fetched by a script, as the browser says; a fresh page token is the one thing of it that the session must keep. */
    private function isBeside(Request $request): bool
    {
        return $request->isMethod('GET') && $request->headers->get('Sec-Fetch-Dest') === 'empty' && ! $request->routeIs('token');
    }
}
