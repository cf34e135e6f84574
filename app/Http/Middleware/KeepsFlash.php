<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Session;
use Symfony\Component\HttpFoundation\Response;

/** A page fetched to be kept on the device is seen by nobody: what it was about to say waits for the next one. */
final class KeepsFlash
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->hasHeader('X-Keeps-Page')) {
            Session::reflash();
        }

        return $next($request);
    }
}
