<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Behind;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Everything ships with the application, so the pages may load from this origin only. */
final class SecurityHeaders
{
    private const POLICY = "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; "
        ."object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        if (Behind::is($request)) {
            // The device fetches it behind everybody's back, and the answer may come late: it must not bring back a session
            // that was left meanwhile, nor put one that is written nowhere in the place of the new one.
            $response->headers->remove('Set-Cookie');
        }
        $angler = $request->hasSession() ? $request->user() : null;
        if ($angler !== null) {
            // Nobody's back button shows it again after the sign-out; and the device knows whose page it keeps.
            $response->headers->set('Cache-Control', 'no-store, private');
            $response->headers->set('X-Angler', (string) $angler->getAuthIdentifier());
        }

        return $response;
    }
}
