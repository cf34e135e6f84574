<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** No form or log of this application is larger than this; anything more is refused before it is read. */
final class BodyLimit
{
    private const BYTES = 512 * 1024;

    public function handle(Request $request, Closure $next): Response
    {
        abort_if((int) $request->headers->get('Content-Length', '0') > self::BYTES, 413, 'At most 512 KB can be sent at once.');

        return $next($request);
    }
}
