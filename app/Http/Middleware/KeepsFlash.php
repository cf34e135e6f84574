<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Behind;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Support\Facades\Session;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page fetched to be kept on the device is seen by nobody, and a part of a page comes when it comes. They must not use up what the
 * next page was to say, nor write their older session over one that was changed meanwhile: it is read and not written.
 */
final class KeepsFlash
{
    public function handle(Request $request, Closure $next): Response
    {
        if (Behind::is($request)) {
            Session::setHandler(new NullSessionHandler);
        }

        return $next($request);
    }
}
